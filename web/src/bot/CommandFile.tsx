import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { May } from "../theme/May";
import { useEdit, useTheme } from "../theme/useTheme";

type Brought = Schemas["BotFileView"];

/** Commands out as files, and in from them: what would come of it is shown first. */
export function CommandFile() {
  const { id } = useTheme();
  const edit = useEdit();
  const [text, setText] = useState("");
  const [instead, setInstead] = useState(false);
  const [brought, setBrought] = useState<Brought | null>(null);
  const read = async (file: string, goes: boolean) => {
    setText(file);
    setInstead(goes);
    try {
      setBrought(
        await answer(
          api.POST("/api/themes/{id}/bot/read", { params: { path: { id } }, body: { text: file, instead: goes } }),
        ),
      );
    } catch (problem) {
      setBrought(null);
      sayProblem(problem);
    }
  };
  const take = async (bot: Brought["bot"]) => {
    if (await edit({ edit: "setBot", bot })) setBrought(null);
  };
  const nothing =
    brought && brought.added.length + brought.changed.length === 0 && (!instead || brought.left.length === 0);
  return (
    <div className="mt-5 border-t border-rule pt-3">
      <div className="flex flex-wrap items-center gap-2">
        <a className="btn" href={`/api/themes/${id}/bot/commands.csv`} download>
          All as CSV
        </a>
        <a className="btn" href={`/api/themes/${id}/bot/commands.json`} download>
          All as JSON
        </a>
        <May>
          <label className="btn only-may cursor-pointer focus-within:outline-2">
            Bring in a file
            <input
              className="sr-only"
              type="file"
              aria-label="File of commands"
              accept=".csv,.tsv,.txt,.json,text/csv,application/json"
              onChange={(event) => {
                const file = event.target.files?.[0];
                event.target.value = "";
                if (file) void file.text().then((words) => read(words, false));
              }}
            />
          </label>
        </May>
        <span className="text-faint">CSV with the titles “command” and “text”, or JSON as it is taken out here.</span>
      </div>
      {brought && (
        <div className="mt-2 border border-rule p-3" role="group" aria-label="What would come of the file">
          <List title="New" what={brought.added} />
          <List title="Changed" what={brought.changed} />
          <List title={instead ? "Removed" : "Kept as it is"} what={brought.left} />
          {nothing && <p className="text-faint">All of it is here already.</p>}
          <div className="mt-2 flex flex-wrap items-center gap-3">
            <button className="btn btn-main" disabled={Boolean(nothing)} onClick={() => void take(brought.bot)}>
              Take it
            </button>
            <button className="btn" onClick={() => setBrought(null)}>
              Leave it
            </button>
            <label className="flex items-center gap-1.5">
              <input type="checkbox" checked={instead} onChange={(event) => void read(text, event.target.checked)} />
              instead of what is here
            </label>
          </div>
        </div>
      )}
    </div>
  );
}

function List({ title, what }: { title: string; what: string[] }) {
  if (what.length === 0) return null;
  return (
    <p className="truncate" title={what.join("\n")}>
      <b>
        {title} ({what.length}):
      </b>{" "}
      {what.join(", ")}
    </p>
  );
}
