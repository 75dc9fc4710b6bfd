import { useMutation, useQuery } from "@tanstack/react-query";
import { FileDown } from "lucide-react";
import { useState } from "react";
import { useShelf } from "../shelf/useShelf";
import { answer, api } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { saveBlob } from "../app/saveBlob";
import { Trouble } from "../app/Trouble";
import { usePeopleDeed, type People } from "./usePeople";

/** The workspace's name, and its end. */
export function WorkspaceSettings({ people }: { people: People }) {
  const [name, setName] = useState(people.name);
  const [typed, setTyped] = useState<string | null>(null);
  const path = { workspace: people.id };
  const rename = usePeopleDeed(
    (next: string) => answer(api.PUT("/api/workspaces/{workspace}", { params: { path }, body: { name: next } })),
    (next) => `The workspace is called ${next} now.`,
  );
  const remove = usePeopleDeed(
    (word: string) => answer(api.DELETE("/api/workspaces/{workspace}", { params: { path, query: { name: word } } })),
    () => `${people.name} was deleted.`,
  );
  if (people.role !== "OWNER") return null;
  if (people.demo)
    return (
      <section aria-labelledby="workspace" className="mt-6">
        <h2 id="workspace">The workspace</h2>
        <WholeFile people={people} />
      </section>
    );
  return (
    <section aria-labelledby="workspace" className="mt-6">
      <h2 id="workspace" className="mb-2">
        The workspace
      </h2>
      <form
        className="flex flex-wrap gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          rename.mutate(name);
        }}
      >
        <input
          className="field w-64"
          aria-label="Name of the workspace"
          required
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="btn" disabled={rename.isPending || name.trim() === people.name}>
          Rename
        </button>
        {typed === null && (
          <button type="button" className="btn ml-auto" onClick={() => setTyped("")}>
            Delete the workspace …
          </button>
        )}
      </form>
      <WholeFile people={people} />
      {typed !== null && (
        <form
          className="mt-3 border border-live p-3"
          onSubmit={(event) => {
            event.preventDefault();
            remove.mutate(typed);
          }}
        >
          <p>
            Its themes, pictures, shows and channels go with it, every source of it shows nothing from then on, and{" "}
            {people.people.length === 1
              ? "nobody but you is in it"
              : `all ${String(people.people.length)} people lose it`}
            . This cannot be undone. What you want to keep, take out first:
          </p>
          <Packages />
          <label className="mt-2 block">
            Type <b>{people.name}</b> to go on.
            <input className="field mt-1 w-full" value={typed} onChange={(event) => setTyped(event.target.value)} />
          </label>
          <div className="mt-2 flex gap-2">
            <button className="btn border-live text-live" disabled={typed.trim() !== people.name || remove.isPending}>
              Delete
            </button>
            <button type="button" className="btn" onClick={() => setTyped(null)}>
              Keep it
            </button>
          </div>
        </form>
      )}
    </section>
  );
}

/** The workspace as one file, on request and as it was on earlier days. */
function WholeFile({ people }: { people: People }) {
  const path = { workspace: people.id };
  const say = useNotices((state) => state.say);
  const copies = useQuery({
    queryKey: ["workspace-copies", people.id],
    queryFn: () => answer(api.GET("/api/workspaces/{workspace}/copies", { params: { path } })),
  });
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.GET("/api/workspaces/{workspace}/file.zip", { params: { path }, parseAs: "blob" }),
      ) as Promise<unknown>,
    onSuccess: (blob) => {
      saveBlob(blob as Blob, `${people.name}.zip`);
      say(`${people.name} is in the file; it was read back and is whole.`);
    },
    onError: sayProblem,
  });
  return (
    <section aria-labelledby="workspace-file" className="mt-3">
      <h3 id="workspace-file">As one file</h3>
      <p className="text-faint">
        Themes with what is on air, shows, tables, channels, pictures, fonts, sounds and the practice rig. Not in it:
        people, links and secrets, the record and the history of edits. It is brought in with <i>New workspace</i>, here
        or on another machine; sources get other links there.
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <button className="btn" disabled={take.isPending} onClick={() => take.mutate()}>
          <FileDown size={14} aria-hidden="true" />
          {take.isPending ? "Writing and reading it back …" : "Take it out"}
        </button>
        {copies.data?.map((copy) => (
          <a
            key={copy.day}
            className="btn"
            href={`/api/workspaces/${people.id}/copies/${copy.day}`}
            title={`${(copy.bytes / 1e6).toFixed(1)} MB`}
            download
          >
            {dayOf(copy.day)}
          </a>
        ))}
      </div>
      <Trouble query={copies} />
      {copies.data?.length === 0 && (
        <p className="mt-1 text-faint">
          {people.demo
            ? "Of the demo no daily copies are kept; it can be put back as it was."
            : "A copy is made by itself each day and kept for a week, one of each week for five; the first one is still to come."}
        </p>
      )}
    </section>
  );
}

function dayOf(day: string): string {
  return new Date(`${day}T12:00:00`).toLocaleDateString(undefined, {
    weekday: "short",
    day: "numeric",
    month: "short",
  });
}

/** Each theme of the workspace as a file that can be brought in anywhere. */
function Packages() {
  const shelf = useShelf();
  if (shelf.data?.length === 0) return <p className="mt-1 text-faint">It has no themes.</p>;
  return (
    <ul className="mt-1 flex flex-wrap gap-1.5">
      {shelf.data?.map((theme) => (
        <li key={theme.id}>
          <a className="btn" href={`/api/themes/${theme.id}/package.zip`} download>
            <FileDown size={14} aria-hidden="true" />
            {theme.name}
          </a>
        </li>
      ))}
    </ul>
  );
}
