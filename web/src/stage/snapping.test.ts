import { describe, expect, it } from "vitest";
import type { Layout } from "../api/client";
import { around, between, inside, moved, sized } from "./geometry";
import { distance, snapLines, snappedMove, snappedSize } from "./snapping";

const layout = {
  width: 1920,
  height: 1080,
  action: { x: 67, y: 38, width: 1786, height: 1004 },
  graphics: { x: 96, y: 54, width: 1728, height: 972 },
  dividers: [{ line: "COLUMN", upright: true, at: 1400, least: 300, most: 1600, standard: 1400 }],
  pieces: [
    { id: "camera", name: "Camera frame", ground: false, bounds: { x: 1453, y: 106, width: 400, height: 356 } },
    { id: "fact", name: "Latest", ground: false, bounds: { x: 1000, y: 600, width: 300, height: 100 } },
    { id: "ground", name: "Ground", ground: true, bounds: { x: 0, y: 0, width: 1920, height: 1080 } },
  ],
} as unknown as Layout;

describe("snapping", () => {
  it("pulls a moved box to the nearest edge and says of what", () => {
    const { box, met } = snappedMove({ x: 1449, y: 700, width: 300, height: 100 }, snapLines(layout, ["fact"]), 6);
    expect(box.x).toBe(1453);
    expect(met.map((line) => line.what)).toContain("Camera frame");
    expect(distance(box, met[0] as never, layout)).toBe(238);
  });

  it("centres on the canvas", () => {
    expect(snappedMove({ x: 812, y: 700, width: 300, height: 101 }, snapLines(layout, ["fact"]), 6).box.x).toBe(810);
  });

  it("leaves alone what is not near a line", () => {
    const far = { x: 300, y: 700, width: 301, height: 97 };
    expect(snappedMove(far, snapLines(layout, ["fact"]), 6)).toEqual({ box: far, met: [] });
  });

  it("never catches on the piece itself or on scenery's edges alone", () => {
    expect(
      snapLines(layout, ["camera", "fact"]).some(
        (line) => line.what.includes("Camera") || line.what.includes("Ground"),
      ),
    ).toBe(false);
  });

  it("moves only the edges that a handle drags", () => {
    expect(
      snappedSize({ x: 1000, y: 600, width: 397, height: 100 }, { x: 1, y: 0 }, snapLines(layout, ["fact"]), 6).box,
    ).toEqual({ x: 1000, y: 600, width: 400, height: 100 });
    expect(
      snappedSize({ x: 1456, y: 600, width: 100, height: 100 }, { x: -1, y: 0 }, snapLines(layout, ["fact"]), 6).box,
    ).toEqual({ x: 1453, y: 600, width: 103, height: 100 });
  });
});

describe("boxes", () => {
  const box = { x: 10, y: 20, width: 100, height: 50 };
  it("move by whole pixels", () => expect(moved(box, 1.4, -2.6)).toEqual({ x: 11, y: 17, width: 100, height: 50 }));
  it("are never sized to nothing", () =>
    expect(sized(box, { x: -1, y: 1 }, 500, -500, 8)).toEqual({ x: 102, y: 20, width: 8, height: 8 }));
  it("are drawn from any corner", () => expect(between(110, 70, 10, 20)).toEqual(box));
  it("lie inside others or not", () => {
    expect(inside(box, { x: 0, y: 0, width: 200, height: 200 })).toBe(true);
    expect(inside(box, { x: 0, y: 0, width: 60, height: 200 })).toBe(false);
  });
  it("have a box around them", () =>
    expect(around([box, { x: 0, y: 60, width: 5, height: 5 }])).toEqual({ x: 0, y: 20, width: 110, height: 50 }));
});
