import { expect, test } from "vitest";
import { changedLine, indexAt, withLine, within, withoutLine } from "./scriptEdits";

const SCRIPT = `{"at":1,"signal":"FOLLOW","name":"Ilse"}
{"at":4,"signal":"TIP","name":"Oskar","amount":500,"currency":"EUR"}
{"at":9,"signal":"FOLLOW","name":"Wren"}
`;

test("a signal is laid elsewhere and keeps all that it says", () => {
  expect(changedLine(SCRIPT, 1, { at: 12.5 })).toBe(`{"at":1,"signal":"FOLLOW","name":"Ilse"}
{"at":9,"signal":"FOLLOW","name":"Wren"}
{"at":12.5,"signal":"TIP","name":"Oskar","amount":500,"currency":"EUR"}
`);
  expect(changedLine(SCRIPT, 0, { name: "Tavi" })).toContain(`{"at":1,"signal":"FOLLOW","name":"Tavi"}`);
});

test("signals come and go", () => {
  expect(withoutLine(SCRIPT, 0)).not.toContain("Ilse");
  expect(withLine(SCRIPT, { at: 4, signal: "RAID", name: "Maret", amount: 24 }).split("\n")[2]).toContain("Maret");
  expect(withLine("", { at: 0, signal: "FOLLOW", name: "A" })).toBe(`{"at":0,"signal":"FOLLOW","name":"A"}\n`);
});

test("it is found again where it was laid", () => {
  expect(indexAt(changedLine(SCRIPT, 1, { at: 12.5 }), 12.5)).toBe(2);
  expect(indexAt(changedLine(SCRIPT, 2, { at: 0 }), 0)).toBe(0);
});

test("times are tenths of a second within twelve hours", () => {
  expect(within(-3)).toBe(0);
  expect(within(2.449)).toBe(2.4);
  expect(within(90_000)).toBe(43_200);
});
