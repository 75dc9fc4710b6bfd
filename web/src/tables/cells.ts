import type { Schemas } from "../api/client";

export type Sheet = Schemas["TableSheet"];
export type TableColumn = Schemas["Column"];

/** A cell by its place, from 0. The row after the last one is where new ones are written. */
export interface Place {
  row: number;
  column: number;
}

/** From where the selection was begun, to where it was taken. */
export interface Range {
  from: Place;
  to: Place;
}

export interface Block {
  top: number;
  bottom: number;
  left: number;
  right: number;
}

/** All cells between two, those two as well. */
export function block({ from, to }: Range): Block {
  return {
    top: Math.min(from.row, to.row),
    bottom: Math.max(from.row, to.row),
    left: Math.min(from.column, to.column),
    right: Math.max(from.column, to.column),
  };
}

export function within(range: Range, place: Place): boolean {
  const { top, bottom, left, right } = block(range);
  return place.row >= top && place.row <= bottom && place.column >= left && place.column <= right;
}

/** Another place, as near as there are cells. `rows` with the empty one at the end. */
export function moved(place: Place, down: number, right: number, rows: number, columns: number): Place {
  return {
    row: Math.min(Math.max(0, place.row + down), rows - 1),
    column: Math.min(Math.max(0, place.column + right), columns - 1),
  };
}

/** The next cell as Tab goes: at the end of a row to the beginning of the next one. */
export function tabbed(place: Place, back: boolean, rows: number, columns: number): Place {
  const at = place.row * columns + place.column + (back ? -1 : 1);
  const next = Math.min(Math.max(0, at), rows * columns - 1);
  return { row: Math.floor(next / columns), column: next % columns };
}

/** How far a key goes; `page` rows are seen at once. */
export function step(
  key: string,
  far: boolean,
  page: number,
  rows: number,
  columns: number,
): [down: number, right: number] | null {
  switch (key) {
    case "ArrowDown":
      return [far ? rows : 1, 0];
    case "ArrowUp":
      return [far ? -rows : -1, 0];
    case "ArrowRight":
      return [0, far ? columns : 1];
    case "ArrowLeft":
      return [0, far ? -columns : -1];
    case "PageDown":
      return [page, 0];
    case "PageUp":
      return [-page, 0];
    case "Home":
      return [far ? -rows : 0, -columns];
    case "End":
      return [far ? rows : 0, columns];
    default:
      return null;
  }
}

/**
 * Cells as spreadsheets put them on the clipboard: a tab between cells, a line break between rows, and quotes around
 * what has one of these in it.
 */
export function pastedCells(text: string): string[][] {
  const rows: string[][] = [[]];
  let cell = "";
  let quoted = false;
  const end = () => {
    rows.at(-1)?.push(cell);
    cell = "";
  };
  const body = text.replace(/\r\n?/g, "\n").replace(/\n$/, "");
  for (let i = 0; i < body.length; i++) {
    const letter = body[i] ?? "";
    if (quoted) {
      if (letter !== '"') cell += letter;
      else if (body[i + 1] === '"') {
        cell += '"';
        i++;
      } else quoted = false;
    } else if (letter === '"' && cell === "") quoted = true;
    else if (letter === "\t") end();
    else if (letter === "\n") {
      end();
      rows.push([]);
    } else cell += letter;
  }
  end();
  return rows;
}

/** The same the other way round. */
export function copiedCells(rows: readonly (readonly string[])[]): string {
  return rows
    .map((cells) => cells.map((cell) => (/["\t\n]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join("\t"))
    .join("\n");
}

/** What a change made of a table; nothing where it began from another version than the one at hand. */
export function changed(sheet: Sheet, change: Schemas["TableChange"]): Sheet | undefined {
  if (change.version === sheet.version) return { ...sheet, canUndo: change.canUndo, canRedo: change.canRedo };
  if (change.from !== sheet.version) return undefined;
  const fresh = new Map(change.lines.map((line) => [line.id, line]));
  const had = sheet.lines.map((line) => fresh.get(line.id) ?? line);
  let lines = had;
  if (change.order) {
    const all = new Map([...had, ...change.lines].map((line) => [line.id, line]));
    lines = change.order.flatMap((id) => all.get(id) ?? []);
  }
  return {
    ...sheet,
    version: change.version,
    head: change.head ?? sheet.head,
    lines,
    canUndo: change.canUndo,
    canRedo: change.canRedo,
  };
}
