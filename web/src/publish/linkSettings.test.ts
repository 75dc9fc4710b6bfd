import { describe, expect, it } from "vitest";
import { queryOf } from "./linkSettings";

describe("queryOf", () => {
  it("leaves out what was set back", () => {
    expect(queryOf({ "ticker.speed": "1.5", "ticker.words": undefined })).toBe("ticker.speed=1.5");
    expect(queryOf({})).toBe("");
  });

  it("writes what has a meaning in links as letters", () => {
    const words = "a&b=c # ? 100 % <script>";
    expect(new URL(`http://here/o/x?${queryOf({ "band.message": words })}`).searchParams.get("band.message")).toBe(
      words,
    );
  });
});
