import { useVirtualizer } from "@tanstack/react-virtual";
import { useId, useRef, useState, type ClipboardEvent, type KeyboardEvent } from "react";
import type { TableEdit } from "../api/client";
import { useTheme } from "../theme/useTheme";
import {
  block,
  copiedCells,
  moved,
  pastedCells,
  step,
  tabbed,
  within,
  type Place,
  type Range,
  type Sheet,
  type TableColumn,
} from "./cells";
import { isTakeBack } from "../app/typing";

const ROW = 26;
const NUMBER = 44;
const WIDTHS: Record<TableColumn["type"], number> = { TEXT: 190, NUMBER: 100, TIME: 140, PICTURE: 150, COLOUR: 120 };

interface Props {
  sheet: Sheet;
  may: boolean;
  range: Range;
  select: (range: Range) => void;
  edit: (wish: TableEdit | ((now: Sheet) => TableEdit)) => Promise<boolean>;
  back: (wish: "undo" | "redo") => void;
}

/**
 * Cells like those of a spreadsheet: arrows, Tab and Enter go from one to the next, typing writes over one, F2 goes on
 * writing in it; Shift selects several, which are copied, pasted and emptied together. The row after the last one takes
 * new ones.
 */
export function TableGrid({ sheet, may, range, select, edit, back }: Props) {
  const { columns, chosen } = sheet.head;
  const { lines } = sheet;
  const { artworks } = useTheme().theme;
  const rows = lines.length + (may ? 1 : 0);
  const scroller = useRef<HTMLDivElement>(null);
  const grid = useRef<HTMLDivElement>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const virtual = useVirtualizer({
    count: rows,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 12,
    // The head stays over the rows.
    scrollPaddingStart: ROW,
  });
  const at = range.to;
  const go = (place: Place, extend = false) => {
    select(extend ? { from: range.from, to: place } : { from: place, to: place });
    virtual.scrollToIndex(place.row, { align: "auto" });
    document.getElementById(cellId(sheet.id, place))?.scrollIntoView({ inline: "nearest", block: "nearest" });
  };
  const fill = (place: Place, cells: string[][]) => {
    const column = columns[place.column];
    return column
      ? edit((now) => ({ edit: "fill", line: now.lines[place.row]?.id ?? 0, column: column.word, block: cells }))
      : Promise.resolve(false);
  };
  const keep = async (next: Place | null) => {
    const text = typed;
    setTyped(null);
    grid.current?.focus();
    if (next) go(next);
    if (text !== null && text !== (lines[at.row]?.cells[at.column] ?? "")) await fill(at, [[text]]);
  };
  const empty = () => {
    const { top, bottom, left, right } = block(range);
    const height = Math.min(bottom, lines.length - 1) - top + 1;
    if (height < 1) return;
    void fill(
      { row: top, column: left },
      Array.from({ length: height }, () => Array.from({ length: right - left + 1 }, () => "")),
    );
  };
  const keys = (event: KeyboardEvent) => {
    if (typed !== null || event.nativeEvent.isComposing) return;
    const control = event.ctrlKey || event.metaKey;
    const page = Math.max(1, Math.floor((scroller.current?.clientHeight ?? 400) / ROW) - 2);
    const far = step(event.key, control, page, rows, columns.length);
    if (far) go(moved(at, far[0], far[1], rows, columns.length), event.shiftKey);
    else if (event.key === "Tab" && !atEnd(at, event.shiftKey, rows, columns.length))
      go(tabbed(at, event.shiftKey, rows, columns.length));
    else if (control && event.key.toLowerCase() === "a")
      select({ from: { row: 0, column: 0 }, to: { row: Math.max(0, lines.length - 1), column: columns.length - 1 } });
    else if (!may) return;
    else if (event.key === "Enter" || event.key === "F2") setTyped(lines[at.row]?.cells[at.column] ?? "");
    else if (event.key === "Delete" || event.key === "Backspace") empty();
    else if (isTakeBack(event)) back(event.shiftKey ? "redo" : "undo");
    else if (control && event.key.toLowerCase() === "y") back("redo");
    else if (event.key.length === 1 && !control && !event.altKey) setTyped(event.key);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const copy = (event: ClipboardEvent) => {
    if (typed !== null) return false;
    const { top, bottom, left, right } = block(range);
    const cells = lines.slice(top, bottom + 1).map((line) => line.cells.slice(left, right + 1));
    event.clipboardData.setData("text/plain", copiedCells(cells));
    event.preventDefault();
    return true;
  };
  const paste = (event: ClipboardEvent) => {
    if (typed !== null || !may) return;
    event.preventDefault();
    const cells = pastedCells(event.clipboardData.getData("text/plain"));
    const { top, left } = block(range);
    const wide = Math.max(...cells.map((line) => line.length));
    void fill({ row: top, column: left }, cells).then((taken) => {
      if (taken)
        select({
          from: { row: top, column: left },
          to: { row: top + cells.length - 1, column: left + wide - 1 },
        });
    });
  };
  const width = NUMBER + columns.reduce((sum, column) => sum + WIDTHS[column.type], 0);
  const widths = `${String(NUMBER)}px ${columns.map((column) => `${String(WIDTHS[column.type])}px`).join(" ")}`;
  return (
    <div ref={scroller} className="max-h-[max(260px,calc(100vh-430px))] overflow-auto border border-rule bg-sheet">
      <div
        ref={grid}
        role="grid"
        aria-label={sheet.head.title}
        aria-rowcount={rows + 1}
        aria-colcount={columns.length + 1}
        aria-multiselectable
        aria-activedescendant={cellId(sheet.id, at)}
        tabIndex={0}
        className="relative outline-offset-[-2px]"
        style={{ width, height: virtual.getTotalSize() + ROW }}
        onKeyDown={keys}
        onCopy={copy}
        onCut={(event) => {
          if (copy(event) && may) empty();
        }}
        onPaste={paste}
      >
        <div
          role="row"
          aria-rowindex={1}
          className="sticky top-0 z-10 grid border-b border-ink bg-sheet font-head font-bold"
          style={{ gridTemplateColumns: widths, height: ROW }}
        >
          <span role="columnheader" aria-label="Number of the row" />
          {columns.map((column, i) => (
            <button
              key={column.word}
              role="columnheader"
              tabIndex={-1}
              title={`${column.title}: press to select the column`}
              className={`truncate border-l border-rule px-1.5 text-left ${column.type === "NUMBER" ? "text-right" : ""} ${at.column === i ? "bg-kelp-soft" : ""}`}
              onClick={() => {
                select({ from: { row: 0, column: i }, to: { row: Math.max(0, lines.length - 1), column: i } });
                grid.current?.focus();
              }}
            >
              {column.title}
            </button>
          ))}
        </div>
        {virtual.getVirtualItems().map((item) => {
          const line = lines[item.index];
          const shown = line !== undefined && line.id === chosen;
          return (
            <div
              key={item.index}
              role="row"
              aria-rowindex={item.index + 2}
              className="absolute left-0 grid border-b border-rule"
              style={{
                gridTemplateColumns: widths,
                top: ROW,
                height: ROW,
                transform: `translateY(${String(item.start)}px)`,
              }}
            >
              {line && may ? (
                <button
                  role="rowheader"
                  tabIndex={-1}
                  aria-pressed={shown}
                  title={shown ? "Chosen: texts show this row. Press to choose none." : "Let texts show this row"}
                  className={`text-center ${shown ? "bg-kelp font-bold text-paper" : "text-faint hover:bg-kelp-soft"}`}
                  onClick={() => void edit({ edit: "choose", line: shown ? 0 : line.id })}
                >
                  {item.index + 1}
                </button>
              ) : (
                <span role="rowheader" className={`text-center leading-[26px] ${shown ? "font-bold" : "text-faint"}`}>
                  {line ? item.index + 1 : "+"}
                </span>
              )}
              {columns.map((column, i) => {
                const place = { row: item.index, column: i };
                const here = at.row === place.row && at.column === i;
                const text = line?.cells[i] ?? "";
                return (
                  <div
                    key={column.word}
                    id={cellId(sheet.id, place)}
                    role="gridcell"
                    aria-colindex={i + 2}
                    aria-selected={within(range, place)}
                    className={`relative flex items-center overflow-hidden border-l border-rule px-1.5 ${column.type === "NUMBER" ? "justify-end" : ""} ${within(range, place) ? "bg-kelp-soft" : ""} ${here ? "outline-2 -outline-offset-2 outline-kelp" : ""}`}
                    onMouseDown={(event) => {
                      if (here && typed !== null) return;
                      event.preventDefault();
                      if (typed === null) grid.current?.focus();
                      else void keep(null);
                      go(place, event.shiftKey);
                    }}
                    onMouseEnter={(event) => {
                      if (event.buttons === 1 && typed === null) select({ from: range.from, to: place });
                    }}
                    onDoubleClick={() => {
                      if (may) setTyped(text);
                    }}
                  >
                    {here && typed !== null ? (
                      <CellField
                        title={`${column.title}, row ${String(item.index + 1)}`}
                        text={typed}
                        list={column.type === "PICTURE" ? artworks.map((artwork) => artwork.name) : []}
                        type={setTyped}
                        keep={(down, right) =>
                          void keep(
                            right === 0
                              ? moved(place, down, 0, rows, columns.length)
                              : tabbed(place, right < 0, rows, columns.length),
                          )
                        }
                        leave={() => void keep(null)}
                        drop={() => {
                          setTyped(null);
                          grid.current?.focus();
                        }}
                      />
                    ) : (
                      <>
                        {column.type === "COLOUR" && text !== "" && (
                          <span
                            className="mr-1.5 inline-block size-3.5 shrink-0 rounded-full border border-rule"
                            style={{ background: text }}
                          />
                        )}
                        <span className="truncate">{text}</span>
                      </>
                    )}
                  </div>
                );
              })}
            </div>
          );
        })}
      </div>
    </div>
  );
}

/** Tab leaves the grid where it goes on nowhere within it. */
function atEnd(at: Place, back: boolean, rows: number, columns: number): boolean {
  return back ? at.row === 0 && at.column === 0 : at.row === rows - 1 && at.column === columns - 1;
}

function cellId(table: string, place: Place): string {
  return `cell-${table}-${String(place.row)}-${String(place.column)}`;
}

function CellField(props: {
  title: string;
  text: string;
  /** What is suggested. */
  list: string[];
  type: (text: string) => void;
  keep: (down: number, right: number) => void;
  leave: () => void;
  drop: () => void;
}) {
  const { title, text, list, type, keep, leave, drop } = props;
  const names = useId();
  const done = useRef(false);
  const once = (does: () => void) => {
    if (!done.current) {
      done.current = true;
      does();
    }
  };
  return (
    <>
      {list.length > 0 && (
        <datalist id={names}>
          {list.map((name) => (
            <option key={name} value={name} />
          ))}
        </datalist>
      )}
      <input
        list={list.length > 0 ? names : undefined}
        className="absolute inset-0 border-0 bg-paper px-1.5 outline-2 -outline-offset-2 outline-kelp"
        aria-label={title}
        autoFocus
        maxLength={400}
        value={text}
        onChange={(event) => type(event.target.value)}
        onBlur={() => once(leave)}
        onKeyDown={(event) => {
          if (event.nativeEvent.isComposing) return;
          if (event.key === "Enter") once(() => keep(event.shiftKey ? -1 : 1, 0));
          else if (event.key === "Tab") once(() => keep(0, event.shiftKey ? -1 : 1));
          else if (event.key === "Escape") once(drop);
          else return;
          event.preventDefault();
          event.stopPropagation();
        }}
      />
    </>
  );
}
