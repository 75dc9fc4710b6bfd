import { describe, expect, it } from "vitest";
import { figured } from "./arithmetic";

describe("a typed figure", () => {
  it.each([
    ["412", 412],
    ["1920/3", 640],
    ["400 + 28", 428],
    ["2*(30+5)", 70],
    ["-12,5", -12.5],
    ["50%", 100],
    ["100% + 10", 210],
    ["+=10", 210],
    ["-=10", 190],
    ["10-2-3", 5],
  ])("%s is %d where 200 stood", (text, result) => expect(figured(text, 200)).toBe(result));

  it.each(["", "wide", "12px", "3+", "(4", "1/0", "4 4", "--"])("“%s” is not understood", (text) =>
    expect(figured(text, 200)).toBeNull(),
  );
});
