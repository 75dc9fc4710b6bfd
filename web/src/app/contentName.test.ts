import { describe, expect, it } from "vitest";
import { contentName } from "./contentName";

describe("a name of content", () => {
  it("is the same for the same and another one for anything else", () => {
    expect(contentName({ a: 1 }, "x")).toBe(contentName({ a: 1 }, "x"));
    const names = new Set<string>();
    for (let i = 0; i < 5000; i++) names.add(contentName({ seeds: [i], corner: i / 7 }));
    expect(names.size).toBe(5000);
    expect(contentName("ab", "c")).not.toBe(contentName("a", "bc"));
  });
});
