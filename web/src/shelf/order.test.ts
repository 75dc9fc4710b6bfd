import { expect, test } from "vitest";
import { found, ordered, type ShelfLine } from "./order";

function line(name: string, updatedAt: string, more: Partial<ShelfLine> = {}): ShelfLine {
  return {
    id: name,
    name,
    platform: "Alder",
    channel: "reedlight",
    onAir: 0,
    differs: true,
    version: 1,
    scenes: [{ id: "a", name: "Hide, wide" }],
    canvases: [],
    updatedAt,
    changedBy: "",
    archived: false,
    ...more,
  };
}

const marsh = line("Marsh 10", "2026-04-01T10:00:00Z");
const night = line("Marsh 9", "2026-04-03T10:00:00Z", { scenes: [{ id: "b", name: "Night walk" }] });
const owls = line("Owls", "2026-04-02T10:00:00Z", { onAir: 3, channel: "owl house" });
const all = [marsh, night, owls];

test("words are looked for in themes, channels and scenes, in any order", () => {
  expect(found(all, "")).toEqual(all);
  expect(found(all, " walk MARSH ")).toEqual([night]);
  expect(found(all, "house")).toEqual([owls]);
  expect(found(all, "heron")).toEqual([]);
});

test("numbers in names count as numbers; the list itself stays", () => {
  expect(ordered(all, "name")).toEqual([night, marsh, owls]);
  expect(ordered(all, "changed")).toEqual([night, owls, marsh]);
  expect(ordered(all, "air")).toEqual([owls, night, marsh]);
  expect(all).toEqual([marsh, night, owls]);
});
