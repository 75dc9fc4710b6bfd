import { expect, test } from "vitest";
import { block, changed, copiedCells, moved, pastedCells, step, tabbed, within, type Sheet } from "./cells";

test("cells of a spreadsheet come apart, quotes and all", () => {
  expect(pastedCells("Bittern\t2\r\nTeal\t36\r\n")).toEqual([
    ["Bittern", "2"],
    ["Teal", "36"],
  ]);
  expect(pastedCells('"two\nlines"\t"said ""boom"""')).toEqual([["two\nlines", 'said "boom"']]);
  expect(pastedCells("a\t\tb")).toEqual([["a", "", "b"]]);
  expect(pastedCells('6" gun\tx')).toEqual([['6" gun', "x"]]);
});

test("what is copied comes back the same", () => {
  const cells = [
    ['a "quote"', "tab\there"],
    ["line\nbreak", ""],
  ];
  expect(pastedCells(copiedCells(cells))).toEqual(cells);
});

test("a selection is the same from whichever corner it was drawn", () => {
  const range = { from: { row: 4, column: 2 }, to: { row: 1, column: 0 } };
  expect(block(range)).toEqual({ top: 1, bottom: 4, left: 0, right: 2 });
  expect(within(range, { row: 2, column: 1 })).toBe(true);
  expect(within(range, { row: 2, column: 3 })).toBe(false);
});

test("keys stay within the table", () => {
  expect(moved({ row: 0, column: 0 }, -1, -1, 8, 5)).toEqual({ row: 0, column: 0 });
  expect(moved({ row: 7, column: 4 }, 3, 3, 8, 5)).toEqual({ row: 7, column: 4 });
  expect(step("End", true, 10, 8, 5)).toEqual([8, 5]);
  expect(step("a", false, 10, 8, 5)).toBeNull();
  expect(tabbed({ row: 0, column: 4 }, false, 8, 5)).toEqual({ row: 1, column: 0 });
  expect(tabbed({ row: 1, column: 0 }, true, 8, 5)).toEqual({ row: 0, column: 4 });
  expect(tabbed({ row: 7, column: 4 }, false, 8, 5)).toEqual({ row: 7, column: 4 });
});

const sheet: Sheet = {
  id: "t",
  version: 3,
  head: { word: "s", title: "S", columns: [{ word: "name", title: "Name", type: "TEXT" }], chosen: 0 },
  lines: [
    { id: 1, cells: ["Bittern"] },
    { id: 2, cells: ["Teal"] },
  ],
  canUndo: false,
  canRedo: false,
  address: "",
};

test("a change is put into the table that it was made from, and into no other", () => {
  const change = {
    from: 3,
    version: 4,
    head: null,
    order: [2, 5],
    lines: [{ id: 5, cells: ["Snipe"] }],
    canUndo: true,
    canRedo: false,
  };
  expect(changed(sheet, change)?.lines.map((line) => line.cells[0])).toEqual(["Teal", "Snipe"]);
  expect(changed(sheet, change)?.canUndo).toBe(true);
  expect(changed({ ...sheet, version: 2 }, change)).toBeUndefined();
  expect(changed(sheet, { ...change, order: null, lines: [{ id: 2, cells: ["Shoveler"] }] })?.lines).toEqual([
    { id: 1, cells: ["Bittern"] },
    { id: 2, cells: ["Shoveler"] },
  ]);
});
