import { describe, expect, it } from "vitest";
import { leaves, valueAt } from "./json";

describe("values that can be pointed at", () => {
  // RFC 6901, section 5: the document and its pointers.
  const RFC = `{"foo":["bar","baz"],"":0,"a/b":1,"c%d":2,"e^f":3,"g|h":4,"i\\\\j":5,"k\\"l":6," ":7,"m~n":8}`;

  it("have the pointers of the standard", () => {
    const found = leaves(RFC) ?? [];
    expect(found.map((leaf) => leaf.pointer)).toEqual([
      "/foo",
      "/foo/0",
      "/foo/1",
      "/",
      "/a~1b",
      "/c%d",
      "/e^f",
      "/g|h",
      "/i\\j",
      '/k"l',
      "/ ",
      "/m~0n",
    ]);
    expect(valueAt(found, "/foo/0")).toBe('"bar"');
    expect(valueAt(found, "/m~0n")).toBe("8");
    expect(valueAt(found, "/foo")).toBeUndefined();
    expect(found.find((leaf) => leaf.pointer === "/foo/1")?.depth).toBe(1);
  });

  it("are none of what is no document", () => {
    expect(leaves("{")).toBeUndefined();
    expect(leaves("")).toBeUndefined();
    expect(leaves("7")).toEqual([]);
  });

  it("are not without end", () => {
    expect(leaves(JSON.stringify(Array.from({ length: 5000 }, (_, i) => i)))).toHaveLength(400);
  });
});
