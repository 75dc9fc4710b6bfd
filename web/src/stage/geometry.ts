import type { Box } from "../api/client";

/** Which edges a handle drags: -1 the left or top one, 1 the right or bottom one, 0 none. */
export interface Handle {
  x: -1 | 0 | 1;
  y: -1 | 0 | 1;
}

export const HANDLES: Handle[] = [
  { x: -1, y: -1 },
  { x: 0, y: -1 },
  { x: 1, y: -1 },
  { x: -1, y: 0 },
  { x: 1, y: 0 },
  { x: -1, y: 1 },
  { x: 0, y: 1 },
  { x: 1, y: 1 },
];

export function moved(box: Box, dx: number, dy: number): Box {
  return { ...box, x: Math.round(box.x + dx), y: Math.round(box.y + dy) };
}

/** Never smaller than the least side; the edge that is not dragged stays. */
export function sized(box: Box, handle: Handle, dx: number, dy: number, least: number): Box {
  const width = Math.max(least, Math.round(box.width + handle.x * dx));
  const height = Math.max(least, Math.round(box.height + handle.y * dy));
  return {
    x: handle.x < 0 ? box.x + box.width - width : box.x,
    y: handle.y < 0 ? box.y + box.height - height : box.y,
    width: handle.x === 0 ? box.width : width,
    height: handle.y === 0 ? box.height : height,
  };
}

export function contains(box: Box, x: number, y: number): boolean {
  return x >= box.x && y >= box.y && x <= box.x + box.width && y <= box.y + box.height;
}

export function inside(inner: Box, outer: Box): boolean {
  return contains(outer, inner.x, inner.y) && contains(outer, inner.x + inner.width, inner.y + inner.height);
}

export function around(boxes: Box[]): Box | undefined {
  if (boxes.length === 0) return undefined;
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}

/** The box between two corners, in whole pixels. */
export function between(x1: number, y1: number, x2: number, y2: number): Box {
  return {
    x: Math.round(Math.min(x1, x2)),
    y: Math.round(Math.min(y1, y2)),
    width: Math.round(Math.abs(x2 - x1)),
    height: Math.round(Math.abs(y2 - y1)),
  };
}
