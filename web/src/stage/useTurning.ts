import type { Box, Layout, Scene } from "../api/client";
import { useEdit } from "../theme/useTheme";
import { manner } from "./useStageEdits";

/** Where the grip stands under a box, and how near is on it; screen pixels. */
const GRIP = 20;
const NEAR = 10;

/** A place turned about the middle of a box, degrees clockwise. */
export function asTurned(x: number, y: number, box: Box, degrees: number): { x: number; y: number } {
  const angle = (degrees * Math.PI) / 180;
  const cx = box.x + box.width / 2;
  const cy = box.y + box.height / 2;
  return {
    x: cx + (x - cx) * Math.cos(angle) - (y - cy) * Math.sin(angle),
    y: cy + (x - cx) * Math.sin(angle) + (y - cy) * Math.cos(angle),
  };
}

/** Turns a piece by the grip under it; with Shift by steps of 15 degrees. */
export function useTurning(scene: Scene, layout: Layout) {
  const edit = useEdit();
  return {
    grasped: (at: { x: number; y: number }, box: Box, scale: number) =>
      Math.hypot(at.x - box.x - box.width / 2, at.y - box.y - box.height - GRIP / scale) <= NEAR / scale,
    to: (piece: string, box: Box, x: number, y: number, steps: boolean, gesture: string) => {
      const placed = scene.stack.find((one) => one.piece === piece);
      if (!placed) return;
      const degrees = (Math.atan2(y - box.y - box.height / 2, x - box.x - box.width / 2) * 180) / Math.PI - 90;
      const turn = steps ? Math.round(degrees / 15) * 15 : Math.round(degrees);
      void edit(
        manner(scene, placed, layout.shape, (now) => ({ ...now, turn: ((turn + 540) % 360) - 180 })),
        gesture,
      );
    },
  };
}
