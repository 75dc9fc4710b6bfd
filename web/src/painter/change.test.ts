import { describe, expect, it } from "vitest";
import { closed, fromArea, type Area } from "./change";

/** Where CSS puts a point of a plate: `translate(…) scale(…)` about the origin (CSS Transforms 1, section 13). */
function put(transform: string, x: number, y: number): [number, number] {
  const [dx, dy, sx, sy] = [...transform.matchAll(/-?[\d.]+/g)].map(Number) as [number, number, number, number];
  return [x * sx + dx, y * sy + dy];
}

const AREAS: [Area, Area][] = [
  [
    { x: 100, y: 800, width: 300, height: 70 },
    { x: 100, y: 800, width: 720, height: 70 },
  ],
  // Kept to its right edge, and lower.
  [
    { x: 900, y: 800, width: 620, height: 110 },
    { x: 1200, y: 812, width: 320, height: 66 },
  ],
];

describe("a plate that changes", () => {
  it("begins where the former one was, corner by corner", () => {
    for (const [from, at] of AREAS) {
      const transform = fromArea(from, at);
      const [left, top] = put(transform, at.x, at.y);
      const [right, bottom] = put(transform, at.x + at.width, at.y + at.height);
      expect(left).toBeCloseTo(from.x, 0);
      expect(top).toBeCloseTo(from.y, 0);
      expect(right).toBeCloseTo(from.x + from.width, 0);
      expect(bottom).toBeCloseTo(from.y + from.height, 0);
    }
  });

  it("comes out of the edge that it keeps to", () => {
    const area = { x: 100, y: 10, width: 300, height: 70 };
    expect(closed(area, "left").x).toBe(100);
    expect(closed(area, "centre").x).toBe(250);
    expect(closed(area, "right").x).toBe(400);
    const [left] = put(fromArea(closed(area, "right"), area), area.x, area.y);
    expect(left).toBeCloseTo(400);
  });
});
