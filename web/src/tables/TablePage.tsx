import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import { useQueryClient } from "@tanstack/react-query";
import {
  ArrowDownAZ,
  ArrowDownZA,
  ArrowLeft,
  ArrowRight,
  BetweenHorizontalStart,
  Download,
  FileUp,
  Plus,
  Redo2,
  Trash2,
  Undo2,
} from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas, type TableEdit } from "../api/client";
import { useDeed } from "../app/useDeed";
import { useDraftText } from "../app/useDraftText";
import { useValues } from "../content/useValues";
import { Trouble } from "../app/Trouble";
import { Copied } from "../app/Copied";
import { May, useMay } from "../theme/May";
import { useTheme } from "../theme/useTheme";
import { block, type Range, type Sheet, type TableColumn } from "./cells";
import { TableGrid } from "./TableGrid";
import { useSheet, useTables } from "./useTables";

const TYPES: readonly (readonly [TableColumn["type"], string])[] = [
  ["TEXT", "text"],
  ["NUMBER", "number"],
  ["TIME", "time or day"],
  ["PICTURE", "picture, by its name"],
  ["COLOUR", "colour"],
];

type Edit = (wish: TableEdit) => Promise<boolean>;

/** One table: its cells, what its columns are, how it is driven from outside, and what texts may take from it. */
export function TablePage({ table, gone }: { table: string; gone: () => void }) {
  const { show } = useTheme();
  const may = useMay("OPERATOR");
  const { sheet, edit, back, bring, busy } = useSheet(table);
  const [range, setRange] = useState<Range>({ from: { row: 0, column: 0 }, to: { row: 0, column: 0 } });
  const entry = useTables().data?.find((one) => one.id === table);
  if (!sheet.data) return sheet.error ? <Trouble query={sheet} /> : <p className="text-faint">Looking for it …</p>;
  const { head, lines } = sheet.data;
  const within: Range = { from: clamped(range.from, sheet.data), to: clamped(range.to, sheet.data) };
  const { top, bottom } = block(within);
  const picked = lines.slice(top, bottom + 1).map((line) => line.id);
  const column = head.columns[within.to.column];
  return (
    <section aria-labelledby="table" className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h2 id="table">{head.title}</h2>
        <span className="text-faint">
          {lines.length === 0
            ? "No rows yet. Type into the last line, paste from a spreadsheet, or bring in a CSV file."
            : `${lines.length.toLocaleString("en-GB")} ${lines.length === 1 ? "row" : "rows"}. Press a row's number to let texts show that row.`}
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-1.5">
        <May role="OPERATOR">
          <span className="only-may contents">
            <button className="btn" disabled={!sheet.data.canUndo || busy} onClick={() => back("undo")}>
              <Undo2 size={14} />
              Undo
            </button>
            <button
              className="btn px-1.5"
              aria-label="Do again"
              title="Do again"
              disabled={!sheet.data.canRedo || busy}
              onClick={() => back("redo")}
            >
              <Redo2 size={14} />
            </button>
            <button
              className="btn"
              title="A row above the selected one"
              onClick={() => void edit({ edit: "addLines", at: Math.min(top, lines.length), count: 1 })}
            >
              <BetweenHorizontalStart size={14} />
              Row
            </button>
            <button
              className="btn"
              disabled={picked.length === 0}
              onClick={() => void edit({ edit: "removeLines", lines: picked })}
            >
              <Trash2 size={14} />
              {picked.length > 1 ? `Remove ${String(picked.length)} rows` : "Remove row"}
            </button>
            <AddColumn edit={edit} />
            <BringIn bring={bring} busy={busy} />
          </span>
        </May>
        <a className="btn" href={`/api/shows/${show}/tables/${table}/csv`} download>
          <Download size={14} />
          CSV
        </a>
      </div>
      <May role="OPERATOR">
        {column && (
          <ColumnFields key={column.word} column={column} place={within.to.column} sheet={sheet.data} edit={edit} />
        )}
      </May>
      <TableGrid sheet={sheet.data} may={may} range={within} select={setRange} edit={edit} back={back} />
      <div className="mt-2 grid gap-x-6 gap-y-3 min-[1200px]:grid-cols-2">
        <Values word={head.word} />
        <div className="flex min-w-0 flex-col gap-2">
          {entry && <Outside sheet={sheet.data} entry={entry} />}
          <Own sheet={sheet.data} edit={edit} gone={gone} />
        </div>
      </div>
    </section>
  );
}

function clamped(place: Range["from"], sheet: Sheet): Range["from"] {
  return {
    row: Math.max(0, Math.min(place.row, sheet.lines.length)),
    column: Math.max(0, Math.min(place.column, sheet.head.columns.length - 1)),
  };
}

function BringIn({ bring, busy }: { bring: (file: Blob) => void; busy: boolean }) {
  return (
    <label
      className={`btn cursor-pointer focus-within:outline-2 focus-within:outline-ink ${busy ? "opacity-50" : ""}`}
      title="All rows anew, from a CSV file with a line of titles"
    >
      <FileUp size={14} />
      {busy ? "Taking in …" : "Bring in CSV"}
      <input
        type="file"
        className="sr-only"
        accept=".csv,text/csv,.tsv,.txt"
        disabled={busy}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) bring(file);
        }}
      />
    </label>
  );
}

function AddColumn({ edit }: { edit: Edit }) {
  const [title, setTitle] = useState("");
  const [type, setType] = useState<TableColumn["type"]>("TEXT");
  return (
    <Popover className="relative">
      <PopoverButton className="btn">
        <Plus size={14} />
        Column
      </PopoverButton>
      <PopoverPanel anchor="bottom start" className="z-30 mt-1 w-64 border border-rule bg-paper p-3 shadow-lg">
        {({ close }) => (
          <form
            className="flex flex-col gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              void edit({ edit: "addColumn", title, type }).then((taken) => {
                if (taken) {
                  setTitle("");
                  close();
                }
              });
            }}
          >
            <label>
              <span className="block text-faint">Title</span>
              <input
                className="field w-full"
                required
                maxLength={60}
                value={title}
                onChange={(event) => setTitle(event.target.value)}
              />
            </label>
            <TypeField value={type} set={setType} />
            <button className="btn btn-main self-start">Add it</button>
          </form>
        )}
      </PopoverPanel>
    </Popover>
  );
}

function TypeField({ value, set }: { value: TableColumn["type"]; set: (type: TableColumn["type"]) => void }) {
  return (
    <label>
      <span className="block text-faint">Its cells are</span>
      <select
        className="field w-full"
        value={value}
        onChange={(event) => set(event.target.value as TableColumn["type"])}
      >
        {TYPES.map(([type, words]) => (
          <option key={type} value={type}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

/** What the selected column is. */
function ColumnFields(props: { column: TableColumn; place: number; sheet: Sheet; edit: Edit }) {
  const { column, place, sheet, edit } = props;
  const last = sheet.head.columns.length - 1;
  const change = (part: Partial<TableColumn>) => {
    const { title, word, type } = { ...column, ...part };
    return edit({ edit: "changeColumn", column: column.word, title, word, type });
  };
  const title = useDraftText(column.title, (text) => change({ title: text }));
  const word = useDraftText(column.word, (text) => change({ word: text.trim() }));
  return (
    <div className="flex flex-wrap items-end gap-1.5" role="group" aria-label={`Column ${column.title}`}>
      <label>
        <span className="block text-faint">Column</span>
        <input className="field w-36" maxLength={60} {...title} />
      </label>
      <div className="w-40">
        <TypeField value={column.type} set={(type) => void change({ type })} />
      </div>
      <label>
        <span className="block text-faint">Word for texts</span>
        <input className="field w-28 font-mono" maxLength={20} {...word} />
      </label>
      <span className="only-may contents">
        <Tool
          title="Sort rows by it, the least first"
          icon={<ArrowDownAZ size={14} />}
          act={() => void edit({ edit: "sortLines", column: column.word, falling: false })}
        />
        <Tool
          title="Sort rows by it, the most first"
          icon={<ArrowDownZA size={14} />}
          act={() => void edit({ edit: "sortLines", column: column.word, falling: true })}
        />
        <Tool
          title="Move the column left"
          icon={<ArrowLeft size={14} />}
          off={place === 0}
          act={() => void edit({ edit: "moveColumn", column: column.word, to: place - 1 })}
        />
        <Tool
          title="Move the column right"
          icon={<ArrowRight size={14} />}
          off={place === last}
          act={() => void edit({ edit: "moveColumn", column: column.word, to: place + 1 })}
        />
        <Tool
          title={last === 0 ? "A table has at least one column" : "Remove the column"}
          icon={<Trash2 size={14} />}
          off={last === 0}
          act={() => void edit({ edit: "removeColumn", column: column.word })}
        />
      </span>
    </div>
  );
}

function Tool(props: { title: string; icon: React.ReactNode; off?: boolean; act: () => void }) {
  return (
    <button
      className="btn px-1.5"
      aria-label={props.title}
      title={props.title}
      disabled={props.off}
      onClick={props.act}
    >
      {props.icon}
    </button>
  );
}

/** What texts may take from it. */
function Values({ word }: { word: string }) {
  const values = useValues().filter((value) => value.name.startsWith(`${word}_`));
  return (
    <div className="min-w-0">
      <h3>In texts</h3>
      <p className="text-faint">Any text of a piece may have these; they are suggested where you write.</p>
      <ul className="mt-1 max-h-56 overflow-y-auto border border-rule" tabIndex={0} aria-label="Values of this table">
        {values.map((value) => (
          <li key={value.name} className="flex gap-2 border-b border-rule px-2 py-0.5 last:border-b-0">
            <code className="shrink-0">{`{${value.name}}`}</code>
            <span className="truncate text-faint">{value.meaning}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** How a script writes into it. */
function Outside({ sheet, entry }: { sheet: Sheet; entry: Schemas["TableEntry"] }) {
  const { show } = useTheme();
  const queries = useQueryClient();
  const renew = useDeed(
    () =>
      answer(api.POST("/api/shows/{show}/tables/{table}/renew", { params: { path: { show, table: sheet.id } } })).then(
        (fresh) => queries.setQueryData(["table", sheet.id], fresh),
      ),
    () => "It has another address; the one before takes nothing any more.",
    [],
  );
  const first = sheet.lines[0]?.cells[0] || "a row";
  const other = sheet.head.columns[1] ?? sheet.head.columns[0];
  const example = JSON.stringify({ [other?.title ?? ""]: sheet.lines[0]?.cells[1] ?? "" });
  return (
    <div>
      <h3>Driven from outside</h3>
      {sheet.address === "" ? (
        <p className="text-faint">Designers and owners see the address to which a script writes.</p>
      ) : (
        <>
          <p className="text-faint">
            A sheet or a script writes all rows or one of them. The address is the key: whoever has it may write.
          </p>
          <Copied
            block
            label="All rows, as CSV (or JSON: an array of objects)"
            text={`curl -X PUT -H 'Content-Type: text/csv' --data-binary @${entry.word}.csv \\\n  '${sheet.address}'`}
          />
          <Copied
            block
            label="One row, by its first cell"
            text={`curl -X PUT -H 'Content-Type: application/json' -d '${example.replaceAll("'", "'\\''")}' \\\n  '${sheet.address}/rows/${encodeURIComponent(first).replaceAll("'", "%27")}'`}
          />
          <May>
            <button className="btn only-may" disabled={renew.isPending} onClick={() => renew.mutate(undefined)}>
              Another address
            </button>
          </May>
        </>
      )}
      <p className={`mt-1 ${entry.fedWell ? "text-faint" : "text-ochre"}`}>
        {entry.fedAt === 0
          ? "Nothing came from outside yet."
          : `${new Date(entry.fedAt).toLocaleString("en-GB")}: ${entry.fedSaid}`}
      </p>
    </div>
  );
}

function Own({ sheet, edit, gone }: { sheet: Sheet; edit: Edit; gone: () => void }) {
  const { show } = useTheme();
  const { title, word } = sheet.head;
  const [sure, setSure] = useState(false);
  const rename = useDraftText(title, (text) => edit({ edit: "name", title: text, word }));
  const reword = useDraftText(word, (text) => edit({ edit: "name", title, word: text.trim() }));
  const remove = useDeed(
    () =>
      answer(api.DELETE("/api/shows/{show}/tables/{table}", { params: { path: { show, table: sheet.id } } })).then(
        gone,
      ),
    () => `${title} is deleted. Texts that used it show a dash.`,
    [["tables", show]],
  );
  return (
    <div>
      <h3>The table itself</h3>
      <div className="flex flex-wrap items-end gap-2">
        <May role="OPERATOR">
          <label>
            <span className="block text-faint">Title</span>
            <input className="field w-44" maxLength={60} {...rename} />
          </label>
          <label>
            <span className="block text-faint">Word for texts</span>
            <input className="field w-32 font-mono" maxLength={20} {...reword} />
          </label>
        </May>
        <May>
          {sure ? (
            <span className="only-may flex items-center gap-2">
              <button className="btn btn-live" disabled={remove.isPending} onClick={() => remove.mutate(undefined)}>
                Delete it for good
              </button>
              <button className="btn" onClick={() => setSure(false)}>
                Keep it
              </button>
            </span>
          ) : (
            <button className="btn only-may" onClick={() => setSure(true)}>
              <Trash2 size={14} />
              Delete table
            </button>
          )}
        </May>
      </div>
      <p className="text-faint">
        Another word changes how texts must name it; those that name the old one show a dash.
      </p>
    </div>
  );
}
