import { describe, expect, it } from "vitest";
import type { ThemeView } from "../api/client";
import { keysAt, screens, steps, stillThere } from "./screens";

const theme = (scenes: string[], canvases: string[]) =>
  ({ theme: { scenes: scenes.map((id) => ({ id })), canvases: canvases.map((id) => ({ id })) } }) as ThemeView;

describe("the screens of a theme", () => {
  it("are the steps of the work, in their order, and some more that can be found", () => {
    const all = theme(["hide", "desk"], ["wide"]);
    expect(steps(all).map(({ name }) => name)).toEqual([
      "Brand",
      "Pieces",
      "Sheet",
      "Stage",
      "Facts",
      "Alerts",
      "Rehearse",
      "Publish",
      "Desk",
      "Move",
    ]);
    expect(steps(all).every(({ question, to }) => question !== "" && to !== "")).toBe(true);
    expect(screens(all).map(({ name }) => name)).toContain("Ready-made pictures");
  });
  it("open the Stage at the scene that is looked at, else at the first, and not without any", () => {
    const stage = (...args: Parameters<typeof steps>) => steps(...args).find(({ name }) => name === "Stage")?.to;
    expect(stage(theme(["hide", "desk"], ["wide"]))).toBe("stage/hide/wide");
    expect(stage(theme(["hide", "desk"], ["wide"]), "desk", "upright")).toBe("stage/desk/upright");
    expect(stage(theme([], ["wide"]))).toBe("");
  });
  it("have keys of their own", () => {
    const does = (pathname: string) => keysAt(pathname).map(([key]) => key);
    expect(does("/themes/a/stage/hide/wide")).toContain("Ctrl D");
    expect(does("/themes/a/brand/pictures")).toHaveLength(1);
    expect(does("/themes/a/pieces/band")).toContain("Esc in a text");
    expect(does("/themes/a/pieces")).toEqual([]);
    expect(does("/themes/a/sheet")).toEqual([]);
    expect(does("/")).toEqual([]);
  });
  it("are come back to only while what they show is there", () => {
    const { theme: document } = theme(["hide"], ["wide"]);
    const there = (place: string) => stillThere({ ...document, pieces: [{ id: "band" }] } as typeof document, place);
    expect(["sheet", "brand/pictures", "stage/hide/wide", "pieces/band"].map(there)).toEqual([true, true, true, true]);
    expect(["", "stage/desk/wide", "stage/hide/tall", "pieces/clock", "elsewhere", "sheet/x"].some(there)).toBe(false);
  });
});
