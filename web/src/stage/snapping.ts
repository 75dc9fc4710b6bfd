import type { Box, Layout } from "../api/client";
import type { Handle } from "./geometry";

/** A line that edges and middles catch on. */
export interface SnapLine {
  /** Whether it runs from top to bottom. */
  upright: boolean;
  at: number;
  what: string;
}

export interface Snapped {
  box: Box;
  /** The lines that were met, at most one each way. */
  met: SnapLine[];
}

/** Edges and middles of what does not move, of the canvas, of the safe areas and of the zone plan. */
export function snapLines(layout: Layout, moving: string[]): SnapLine[] {
  const lines: SnapLine[] = [];
  const box = (of: Box, what: string, middle: boolean) => {
    lines.push(
      { upright: true, at: of.x, what },
      { upright: true, at: of.x + of.width, what },
      { upright: false, at: of.y, what },
      { upright: false, at: of.y + of.height, what },
    );
    if (middle)
      lines.push(
        { upright: true, at: of.x + of.width / 2, what: `middle of ${what}` },
        { upright: false, at: of.y + of.height / 2, what: `middle of ${what}` },
      );
  };
  box({ x: 0, y: 0, width: layout.width, height: layout.height }, "the canvas", true);
  box(layout.action, "the action-safe area", false);
  box(layout.graphics, "the graphics-safe area", false);
  layout.dividers.forEach((divider) =>
    lines.push({ upright: divider.upright, at: divider.at, what: "a line of the plan" }),
  );
  layout.pieces
    .filter((piece) => !moving.includes(piece.id) && !piece.ground)
    .forEach((piece) => box(piece.bounds, piece.name, true));
  return lines;
}

interface Catch {
  by: number;
  line: SnapLine;
}

/** The nearest line to any of some places, when one is near enough. */
function caught(lines: SnapLine[], upright: boolean, places: number[], near: number): Catch | undefined {
  let best: Catch | undefined;
  for (const line of lines) {
    if (line.upright !== upright) continue;
    for (const place of places) {
      const by = line.at - place;
      if (Math.abs(by) <= near && (!best || Math.abs(by) < Math.abs(best.by))) best = { by, line };
    }
  }
  return best;
}

/** A moved box, pulled to the lines near its edges and middles. */
export function snappedMove(box: Box, lines: SnapLine[], near: number): Snapped {
  const across = caught(lines, true, [box.x, box.x + box.width / 2, box.x + box.width], near);
  const down = caught(lines, false, [box.y, box.y + box.height / 2, box.y + box.height], near);
  return {
    box: { ...box, x: Math.round(box.x + (across?.by ?? 0)), y: Math.round(box.y + (down?.by ?? 0)) },
    met: [across, down].flatMap((c) => (c ? [c.line] : [])),
  };
}

/** A sized box; only the edges that the handle drags are pulled. */
export function snappedSize(box: Box, handle: Handle, lines: SnapLine[], near: number): Snapped {
  const across = handle.x === 0 ? undefined : caught(lines, true, [handle.x < 0 ? box.x : box.x + box.width], near);
  const down = handle.y === 0 ? undefined : caught(lines, false, [handle.y < 0 ? box.y : box.y + box.height], near);
  const dx = Math.round(across?.by ?? 0);
  const dy = Math.round(down?.by ?? 0);
  return {
    box: {
      x: handle.x < 0 ? box.x + dx : box.x,
      y: handle.y < 0 ? box.y + dy : box.y,
      width: box.width + handle.x * dx,
      height: box.height + handle.y * dy,
    },
    met: [across, down].flatMap((c) => (c ? [c.line] : [])),
  };
}

/** How far a box is from the nearest edge of what a line belongs to, along the line; for the label beside it. */
export function distance(box: Box, line: SnapLine, layout: Layout): number | null {
  const piece = layout.pieces.find((p) => line.what.endsWith(p.name));
  if (!piece) return null;
  const [from, to, otherFrom, otherTo] = line.upright
    ? [box.y, box.y + box.height, piece.bounds.y, piece.bounds.y + piece.bounds.height]
    : [box.x, box.x + box.width, piece.bounds.x, piece.bounds.x + piece.bounds.width];
  if (otherTo <= from) return Math.round(from - otherTo);
  return otherFrom >= to ? Math.round(otherFrom - to) : null;
}
