import type { Schemas } from "../api/client";
import { useTables } from "../tables/useTables";

type Listing = Schemas["Listing"];

/** Rows of a table: which one, which of its columns, and in which order. */
export function ListingField({
  title,
  value,
  set,
}: {
  title: string;
  value: Listing;
  set: (value: Listing) => Promise<boolean>;
}) {
  const tables = useTables().data ?? [];
  const table = tables.find((one) => one.word === value.table) ?? (value.table === "" ? tables[0] : undefined);
  const shown = value.columns.filter((word) => table?.columns.some((column) => column.word === word));
  const toggle = (word: string, on: boolean) => {
    const now = shown.length > 0 ? shown : (table?.columns.map((column) => column.word) ?? []);
    const next = on ? [...now, word] : now.filter((other) => other !== word);
    // All of them is said by naming none, so that new columns are shown as well.
    return set({ ...value, columns: next.length === table?.columns.length ? [] : next });
  };
  return (
    <fieldset className="min-w-0">
      <legend className="text-faint">{title}</legend>
      <select
        className="field w-full"
        aria-label={`${title}: of which table`}
        value={value.table}
        onChange={(event) => void set({ table: event.target.value, columns: [], by: "", falling: false })}
      >
        <option value="">the first table of the show</option>
        {tables.map((one) => (
          <option key={one.id} value={one.word}>
            {one.title}
          </option>
        ))}
        {value.table !== "" && !tables.some((one) => one.word === value.table) && (
          <option value={value.table}>{value.table} (there is no such table)</option>
        )}
      </select>
      {!table && <p className="text-faint">Make a table under Facts; its rows are shown here.</p>}
      {table && (
        <>
          <div className="mt-1 flex flex-wrap gap-x-3">
            {table.columns.map((column) => {
              const on = shown.length === 0 || shown.includes(column.word);
              return (
                <label key={column.word} className="flex items-center gap-1.5">
                  <input
                    type="checkbox"
                    checked={on}
                    disabled={on && shown.length === 1}
                    onChange={(event) => void toggle(column.word, event.target.checked)}
                  />
                  {column.title}
                </label>
              );
            })}
          </div>
          <div className="mt-1 flex gap-1">
            <select
              className="field min-w-0 flex-1"
              aria-label={`${title}: in which order`}
              value={value.by}
              onChange={(event) => void set({ ...value, by: event.target.value })}
            >
              <option value="">as they stand in the table</option>
              {table.columns.map((column) => (
                <option key={column.word} value={column.word}>
                  by {column.title}
                </option>
              ))}
            </select>
            {value.by !== "" && (
              <select
                className="field"
                aria-label={`${title}: which first`}
                value={value.falling ? "most" : "least"}
                onChange={(event) => void set({ ...value, falling: event.target.value === "most" })}
              >
                <option value="least">the least first</option>
                <option value="most">the most first</option>
              </select>
            )}
          </div>
        </>
      )}
    </fieldset>
  );
}
