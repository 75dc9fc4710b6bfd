import type { Piece } from "../api/client";

/** Scenery for the whole canvas, which others stand before on purpose. */
export function isGround(kind: Piece["kind"]): boolean {
  return kind === "BACKDROP" || kind === "SCREEN";
}
