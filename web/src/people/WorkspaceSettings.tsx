import { FileDown } from "lucide-react";
import { useState } from "react";
import { useShelf } from "../shelf/useShelf";
import { answer, api } from "../api/client";
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
  if (people.role !== "OWNER" || people.demo) return null;
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
