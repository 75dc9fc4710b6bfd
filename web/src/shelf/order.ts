import type { Schemas } from "../api/client";

export type ShelfLine = Schemas["ShelfLine"];
export type Order = "changed" | "name" | "air";

export const ORDERS: { id: Order; name: string }[] = [
  { id: "changed", name: "Last change first" },
  { id: "name", name: "By name" },
  { id: "air", name: "On air first" },
];

/** Every typed word must occur in the name of the theme, its channel or one of its scenes. */
export function found(lines: ShelfLine[], typed: string): ShelfLine[] {
  const words = typed
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  return lines.filter((line) => {
    const all = [line.name, line.platform, line.channel, ...line.scenes.map((scene) => scene.name)]
      .join(" ")
      .toLowerCase();
    return words.every((word) => all.includes(word));
  });
}

/** A new list; what is alike in the order stands by its last change. */
export function ordered(lines: ShelfLine[], order: Order): ShelfLine[] {
  const changed = (one: ShelfLine, other: ShelfLine) => Date.parse(other.updatedAt) - Date.parse(one.updatedAt);
  return [...lines].sort((one, other) => {
    const first =
      order === "name"
        ? one.name.localeCompare(other.name, undefined, { numeric: true })
        : order === "air"
          ? Number(other.onAir > 0) - Number(one.onAir > 0)
          : 0;
    return first || changed(one, other);
  });
}
