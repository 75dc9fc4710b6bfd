import type { Box } from "../api/client";

/** Which edges a handle drags: -1 the left or top one, 1 the right or bottom one, 0 none. */
export interface Handle {
  x: -1 | 0 | 1;
  y: -1 | 0 | 1;
}

export const HANDLES: Handle[] = [
  { x: -1, y: -1 }, { x: 0, y: -1 }, { x: 1, y: -1 },
  { x: -1, y: 0 }, { x: 1, y: 0 },
  { x: -1, y: 1 }, { x: 0, y: 1 }, { x: 1, y: 1 },
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

export function inUnits(box: Box, unit: number): Box {
  return { x: box.x / unit, y: box.y / unit, width: box.width / unit, height: box.height / unit };
}
