import { describe, expect, it } from "vitest";
import { moved, pastedItems } from "./lists";

const rows = { columns: ["When", "What"], marked: false, timed: false };

describe("several lines at once", () => {
  it("come as rows from a table, whose cells are parted by tabs", () => {
    expect(pastedItems("Tue 19:00\tDusk watch\r\nThu 05:30\tDawn chorus\r\n", rows)).toEqual([
      { label: "Tue 19:00", value: "Dusk watch" },
      { label: "Thu 05:30", value: "Dawn chorus" },
    ]);
  });
  it("come as rows from lines with strokes, without those that are empty", () => {
    expect(pastedItems("Latest | Ilse Fenn\n\nThat is all", rows)).toEqual([
      { label: "Latest", value: "Ilse Fenn" },
      { label: "That is all", value: "" },
    ]);
  });
  it("keep their marks where a list has some", () => {
    expect(
      pastedItems("- [x] Tide table\n[>] Bats\n* [ ] Owls\nFoxes", {
        columns: ["Point", "Beside it"],
        marked: true,
        timed: false,
      })?.map(({ state, label }) => [state, label]),
    ).toEqual([
      ["DONE", "Tide table"],
      ["NOW", "Bats"],
      ["OPEN", "Owls"],
      ["OPEN", "Foxes"],
    ]);
  });
  it("keep their seconds where entries take turns", () => {
    expect(
      pastedItems("Field notes | reedlight.example | 9 s\nTell us in the chat\nNext | Thursday", {
        columns: ["Label", "Words"],
        marked: false,
        timed: true,
      }),
    ).toEqual([
      { label: "Field notes", value: "reedlight.example", seconds: 9 },
      { label: "", value: "Tell us in the chat", seconds: 0 },
      { label: "Next", value: "Thursday", seconds: 0 },
    ]);
  });
  it("are no list when there is one line only", () => {
    expect(pastedItems("High tide | 19:42\n", rows)).toBeUndefined();
  });
});

it("moves one item and leaves the order of the others", () => {
  expect(moved(["a", "b", "c", "d"], 0, 2)).toEqual(["b", "c", "a", "d"]);
  expect(moved(["a", "b", "c", "d"], 3, 0)).toEqual(["d", "a", "b", "c"]);
  expect(moved(["a", "b"], 1, 9)).toEqual(["a", "b"]);
});
