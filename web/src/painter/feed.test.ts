import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FeedFollower } from "./feed";
import type { Painter } from "./painter";
import type { Patch, Picture } from "./picture";

class Canvas {
  shown: string[] = [];
  show = (picture: Picture) => {
    this.shown = picture.layers.map((layer) => layer.piece);
  };
  patch = (patch: Patch) => {
    this.shown = patch.order;
  };
  adopt = (first: { layers: { piece: string }[] }) => {
    this.shown = first.layers.map((layer) => layer.piece);
  };
}

const layer = (piece: string) => ({
  piece,
  box: { x: 0, y: 0, width: 10, height: 10 },
  svg: "<g/>",
  movements: [],
  blend: "normal",
  arrival: [],
});
const picture = (...pieces: string[]): Picture => ({ x: 0, y: 0, width: 10, height: 10, layers: pieces.map(layer) });
const patch = (number: number, ...order: string[]): Patch => ({
  number,
  hash: `h${String(number)}`,
  x: 0,
  y: 0,
  width: 10,
  height: 10,
  order,
  layers: order.map(layer),
});

describe("a painter that follows a feed", () => {
  let canvas: Canvas;
  let asked: number;
  let follower: FeedFollower;

  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("window", globalThis);
    canvas = new Canvas();
    asked = 0;
    follower = new FeedFollower(
      canvas as unknown as Painter,
      () => asked++,
      () => undefined,
    );
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const serves = (...answers: (Picture | null)[]) =>
    vi.stubGlobal(
      "fetch",
      vi.fn(() => {
        const next = answers.shift();
        return Promise.resolve({ ok: next !== null && next !== undefined, json: () => Promise.resolve(next) });
      }),
    );

  it("fetches the whole picture once and then applies patches in order", async () => {
    serves(picture("ground", "band"));
    await follower.welcome({ epoch: "e", number: 4, hash: "h4", now: 0 });
    expect(canvas.shown).toEqual(["ground", "band"]);
    follower.patch(patch(5, "ground", "band", "goal"));
    expect(canvas.shown).toEqual(["ground", "band", "goal"]);
    expect(follower.standing).toEqual({ epoch: "e", number: 5, hash: "h5" });
  });

  it("needs nothing when it has the present picture already", async () => {
    follower.begin({
      hash: "h4",
      x: 0,
      y: 0,
      width: 10,
      height: 10,
      layers: [{ piece: "ground", movements: [], arrival: [] }],
    });
    const fetched = vi.fn();
    vi.stubGlobal("fetch", fetched);
    await follower.welcome({ epoch: "e", number: 4, hash: "h4", now: 0 });
    expect(fetched).not.toHaveBeenCalled();
    expect(follower.standing.number).toBe(4);
  });

  it("ignores what it has and asks for the whole when one is missing", async () => {
    serves(picture("ground"));
    await follower.welcome({ epoch: "e", number: 4, hash: "h4", now: 0 });
    follower.patch(patch(3, "old"));
    expect(canvas.shown).toEqual(["ground"]);
    follower.patch(patch(7, "far", "ahead"));
    expect(canvas.shown).toEqual(["ground"]);
    expect(asked).toBe(1);
    expect(follower.standing.number).toBe(-1);
  });

  it("keeps patches that come while the picture is on its way", async () => {
    serves(picture("ground"));
    const coming = follower.welcome({ epoch: "e", number: 4, hash: "h4", now: 0 });
    follower.patch(patch(5, "ground", "goal"));
    expect(canvas.shown).toEqual([]);
    await coming;
    expect(canvas.shown).toEqual(["ground", "goal"]);
    expect(follower.standing.number).toBe(5);
  });

  it("asks again a moment later when the picture is not to be had, and keeps what it shows", async () => {
    serves(picture("ground"), null);
    await follower.welcome({ epoch: "e", number: 4, hash: "h4", now: 0 });
    await follower.welcome({ epoch: "f", number: 9, hash: "h9", now: 0 });
    expect(canvas.shown).toEqual(["ground"]);
    expect(asked).toBe(0);
    vi.advanceTimersByTime(1000);
    expect(asked).toBe(1);
  });

  it("paints only the last of two pictures that were asked for", async () => {
    serves(picture("first"), picture("second"));
    await Promise.all([
      follower.welcome({ epoch: "e", number: 1, hash: "h1", now: 0 }),
      follower.welcome({ epoch: "e", number: 2, hash: "h2", now: 0 }),
    ]);
    expect(canvas.shown).toEqual(["second"]);
    expect(follower.standing.number).toBe(2);
  });
});
