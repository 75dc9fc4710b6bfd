import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { ThemeView } from "../api/client";
import type { Schemas, Theme } from "../api/client";
import { changed, takeChange, takeView } from "./useTheme";

const view = (version: number) => ({ id: "t", version }) as ThemeView;

describe("a new version of a theme", () => {
  let queries: QueryClient;

  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("window", globalThis);
    queries = new QueryClient();
  });

  afterEach(() => {
    queries.clear();
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  /** Somebody looks at what the server computes from the theme; answers take their time. */
  const looked = (name: string, millis: number) => {
    let version = 1;
    const asked = vi.fn(() => {
      const computed = version;
      return new Promise<number>((done) => setTimeout(() => done(computed), millis));
    });
    const observer = new QueryObserver(queries, { queryKey: [name, "t"], queryFn: asked });
    observer.subscribe(() => undefined);
    return {
      asked,
      edited: () => {
        version++;
        takeView(queries, view(version));
      },
      shown: () => observer.getCurrentResult().data,
    };
  };

  it("is never shown with what was computed before it, even where that was still on its way", async () => {
    const brand = looked("brand", 500);
    await vi.advanceTimersByTimeAsync(50);
    brand.edited();
    await vi.advanceTimersByTimeAsync(2000);
    expect(brand.shown()).toBe(2);
    brand.edited();
    await vi.advanceTimersByTimeAsync(150);
    brand.edited();
    await vi.advanceTimersByTimeAsync(2000);
    expect(brand.shown()).toBe(4);
  });

  it("asks again at most ten times a second while edits follow one another", async () => {
    const layouts = looked("layouts", 1);
    await vi.advanceTimersByTimeAsync(10);
    for (let i = 0; i < 50; i++) {
      layouts.edited();
      await vi.advanceTimersByTimeAsync(20);
    }
    await vi.advanceTimersByTimeAsync(200);
    expect(layouts.asked.mock.calls.length).toBeLessThanOrEqual(12);
    expect(layouts.shown()).toBe(51);
  });

  it("is not overwritten by a question that was asked before it", async () => {
    let version = 1;
    const asked = () => {
      const computed = version;
      return new Promise<ThemeView>((done) => setTimeout(() => done(view(computed)), 500));
    };
    const observer = new QueryObserver(queries, { queryKey: ["theme", "t"], queryFn: asked, initialData: view(1) });
    observer.subscribe(() => undefined);
    await vi.advanceTimersByTimeAsync(600);
    void queries.invalidateQueries({ queryKey: ["theme", "t"] });
    await vi.advanceTimersByTimeAsync(100);
    version = 2;
    takeView(queries, view(2));
    for (let i = 0; i < 20; i++) {
      await vi.advanceTimersByTimeAsync(100);
      expect(observer.getCurrentResult().data?.version).toBe(2);
    }
  });

  it("is not undone by an older one that comes late", () => {
    takeView(queries, view(7));
    takeView(queries, view(6));
    expect(queries.getQueryData<ThemeView>(["theme", "t"])?.version).toBe(7);
  });

  it("is made from what others changed, when it is the one that they changed", () => {
    const known = { ...view(3), theme, canUndo: true } as ThemeView;
    queries.setQueryData(["theme", "t"], known);
    takeChange(queries, "t", { from: 3, version: 5, onAir: 2, differs: true, change: { ...nothing, name: "Dusk" } });
    const now = queries.getQueryData<ThemeView>(["theme", "t"]);
    expect(now).toMatchObject({ version: 5, onAir: 2, differs: true, canUndo: true, theme: { name: "Dusk" } });
    expect(now?.theme.pieces).toBe(theme.pieces);
  });

  it("is asked for as a whole by whoever knows another one", () => {
    queries.setQueryData(["theme", "t"], { ...view(3), theme } as ThemeView);
    takeChange(queries, "t", { from: 4, version: 5, onAir: 2, differs: true, change: nothing });
    expect(queries.getQueryState(["theme", "t"])?.isInvalidated).toBe(true);
    expect(queries.getQueryData<ThemeView>(["theme", "t"])?.version).toBe(3);
  });

  it("says what one can undo, even where somebody else told of the change before", () => {
    queries.setQueryData(["theme", "t"], { ...view(5), theme, canUndo: false } as ThemeView);
    const own = { from: 4, version: 5, onAir: 0, differs: true, change: nothing, canUndo: true, canRedo: false };
    takeChange(queries, "t", own);
    expect(queries.getQueryData<ThemeView>(["theme", "t"])?.canUndo).toBe(true);
  });
});

const nothing: Schemas["ThemeChange"] = {
  name: null,
  brand: null,
  family: null,
  canvases: null,
  captures: null,
  pieces: [],
  pieceOrder: null,
  scenes: [],
  sceneOrder: null,
  alerts: null,
  pace: null,
  sounds: null,
  artworks: [],
  artworkOrder: null,
  faces: null,
  lines: null,
  viewer: null,
  bot: null,
};

const piece = (id: string, name: string) => ({ id, name }) as Theme["pieces"][number];

const theme = {
  name: "Evening",
  pieces: [piece("a", "A"), piece("b", "B")],
  scenes: [],
  artworks: [],
} as unknown as Theme;

describe("a change of a theme", () => {
  it("puts other pieces in the place of those of before", () => {
    const next = changed(theme, { ...nothing, pieces: [piece("b", "New")] });
    expect(next.pieces.map((one) => one.name)).toEqual(["A", "New"]);
  });

  it("adds, moves and removes by the order of all", () => {
    const next = changed(theme, { ...nothing, pieces: [piece("c", "C")], pieceOrder: ["c", "a"] });
    expect(next.pieces.map((one) => one.name)).toEqual(["C", "A"]);
  });
});
