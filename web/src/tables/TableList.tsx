import { Plus } from "lucide-react";
import { useState, type FormEvent } from "react";
import { Trouble } from "../app/Trouble";
import { May } from "../theme/May";
import { useNewTable, useTables } from "./useTables";

/** The tables of the show. */
export function TableList({ chosen, choose }: { chosen: string; choose: (table: string) => void }) {
  const tables = useTables();
  const [title, setTitle] = useState("");
  const add = useNewTable((id) => {
    setTitle("");
    choose(id);
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    add.mutate(title);
  };
  return (
    <section aria-labelledby="tables" className="mb-4">
      <h2 id="tables" className="mb-1">
        Tables
      </h2>
      <Trouble query={tables} />
      {tables.isPending && <p className="text-faint">Looking for tables …</p>}
      {tables.data?.length === 0 && (
        <p className="mb-1 text-faint">Names and numbers that pieces show, like a sheet of paper.</p>
      )}
      <ul className="mb-1.5">
        {tables.data?.map((one) => (
          <li key={one.id}>
            <button
              className={`flex w-full items-baseline gap-2 border-l-4 px-2 py-1 text-left ${one.id === chosen ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-sheet"}`}
              aria-pressed={one.id === chosen}
              onClick={() => choose(one.id)}
            >
              <span className="truncate font-bold">{one.title}</span>
              <span className="text-faint">{one.rows.toLocaleString("en-GB")}</span>
            </button>
          </li>
        ))}
      </ul>
      <May role="OPERATOR">
        <form onSubmit={submit} className="only-may flex gap-1.5" aria-label="New table">
          <input
            className="field min-w-0 flex-1"
            aria-label="Title of a new table"
            placeholder="A new table"
            required
            maxLength={60}
            value={title}
            onChange={(event) => setTitle(event.target.value)}
          />
          <button className="btn" disabled={add.isPending}>
            <Plus size={14} />
            Add
          </button>
        </form>
      </May>
    </section>
  );
}
