import type { Schemas } from "../api/client";

type Content = Schemas["Content"];
type State = Schemas["Topic"]["state"];

/** One line of a list in the form that all lists share here. */
export interface Item {
  label: string;
  value: string;
  state?: State;
  /** 0 for as long as the others. */
  seconds?: number;
  /** Id of a ready-made picture; empty for none. */
  picture?: string;
}

/** A list that a piece says: rows, points, entries or plain lines. */
export interface List {
  /** Titles of the texts of an item, one or two. */
  columns: string[];
  items: Item[];
  marked: boolean;
  timed: boolean;
  /** Name of the live list whose rows follow; undefined where none can. */
  then?: string;
  /** The same list with other items. */
  with: (items: Item[], then?: string) => Content;
}

/** What a field holds as a list; undefined where it is none. */
export function listOf(field: Schemas["Field"], value: Content): List | undefined {
  if (typeof value === "string") return undefined;
  if ("rows" in value) {
    const list = { columns: field.columns, items: value.rows, marked: false, timed: false, then: value.then };
    return {
      ...list,
      with: (items, then = value.then) => ({
        rows: items.map(({ label, value: text }) => ({ label, value: text })),
        then,
      }),
    };
  }
  if ("points" in value) {
    return {
      columns: field.columns,
      items: value.points,
      marked: true,
      timed: false,
      with: (items) => ({
        points: items.map(({ label, value: text, state }) => ({ label, value: text, state: state ?? "OPEN" })),
      }),
    };
  }
  if ("entries" in value) {
    const items = value.entries.map(({ label, words, seconds, picture }) => ({
      label,
      value: words,
      seconds,
      picture,
    }));
    return {
      columns: field.columns,
      items,
      marked: false,
      timed: true,
      with: (next) => ({
        entries: next.map(({ label, value: words, seconds, picture }) => ({
          label,
          words,
          seconds: seconds ?? 0,
          picture: picture ?? "",
        })),
      }),
    };
  }
  if ("lines" in value) {
    return {
      columns: [field.title],
      items: value.lines.map((label) => ({ label, value: "" })),
      marked: false,
      timed: false,
      with: (items) => ({ lines: items.map(({ label }) => label) }),
    };
  }
  return undefined;
}

/**
 * Several lines from elsewhere as items: cells parted by a tab, as from a table, or by an upright stroke; lists with marks
 * of done and to do keep them. Undefined for a single line, which belongs into the field that it is pasted into.
 */
export function pastedItems(text: string, list: Pick<List, "columns" | "marked" | "timed">): Item[] | undefined {
  const lines = text
    .split(/\r\n|\r|\n/)
    .map((line) => line.trim())
    .filter((line) => line !== "");
  if (lines.length < 2) return undefined;
  return lines.map((line) => {
    const mark = list.marked ? /^[-*]?\s*\[([ x>])\]\s*/i.exec(line) : null;
    const cells = (mark ? line.slice(mark[0].length) : line)
      .split(line.includes("\t") ? "\t" : "|")
      .map((cell) => cell.trim());
    const seconds =
      list.timed && cells.length > 1
        ? /^(\d{1,3}(?:\.\d+)?)\s?s?$/.exec(cells[cells.length - 1] ?? "")?.[1]
        : undefined;
    const said = seconds === undefined ? cells : cells.slice(0, -1);
    const single = list.columns.length === 1;
    // Of an entry with one text alone that is what it says, without a label.
    const alone = list.timed && said.length === 1;
    return {
      label: alone ? "" : single ? said.join(" ") : (said[0] ?? ""),
      value: alone ? (said[0] ?? "") : single ? "" : said.slice(1).join(" "),
      ...(list.marked
        ? {
            state:
              mark?.[1]?.toLowerCase() === "x"
                ? ("DONE" as const)
                : mark?.[1] === ">"
                  ? ("NOW" as const)
                  : ("OPEN" as const),
          }
        : {}),
      ...(list.timed ? { seconds: seconds === undefined ? 0 : Math.min(120, Math.max(1, Number(seconds))) } : {}),
    };
  });
}

/** The same items with one at another place. */
export function moved<T>(items: T[], from: number, to: number): T[] {
  const next = [...items];
  const [one] = next.splice(from, 1);
  if (one !== undefined) next.splice(Math.min(Math.max(0, to), next.length), 0, one);
  return next;
}
