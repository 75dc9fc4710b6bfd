import { describe, expect, it } from "vitest";
import { AS_PROPOSED, choicesFrom, keeping, showing, typing, wishes } from "./choices";

describe("what somebody wants otherwise", () => {
  it("keeps a line once, and lets go of it", () => {
    const kept = keeping(keeping(AS_PROPOSED, "a", true), "a", true);
    expect(kept.kept).toEqual(["a"]);
    expect(keeping(kept, "a", false)).toEqual(AS_PROPOSED);
  });

  it("takes the proposal itself for no wish", () => {
    const typed = typing(AS_PROPOSED, "a", "Newest", "Latest member");
    expect(typed.texts).toEqual({ a: "Newest" });
    expect(wishes(typed)).toBe(1);
    expect(typing(typed, "a", "Latest member", "Latest member")).toEqual(AS_PROPOSED);
  });

  it("counts each wish", () => {
    expect(wishes(showing(keeping(AS_PROPOSED, "a", true), "b", "raids"))).toBe(2);
  });

  it("reads what it kept and nothing else", () => {
    const choices = showing(AS_PROPOSED, "b", "raids");
    expect(choicesFrom(JSON.stringify(choices))).toEqual(choices);
    for (const odd of [null, "", "{", "[]", "null", '{"kept":[1],"texts":{},"values":{}}', '{"kept":[],"texts":[]}']) {
      expect(choicesFrom(odd)).toEqual(AS_PROPOSED);
    }
  });
});
