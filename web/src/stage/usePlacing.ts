import { useCallback, useEffect, useRef, useState } from "react";
import type { Box, Edit, Layout, Scene } from "../api/client";
import { useEdit } from "../theme/useTheme";
import { asOne } from "./useStageEdits";

const BURST = 700;
/** Others see what is moved this often; whoever moves it sees it at once. Milliseconds. */
const OTHERS = 100;

export interface Placing {
  piece: string;
  box: Box;
}

/** The pieces that move when these are moved: with them everybody of their groups, without what is locked. */
export function movingWith(scene: Scene, pieces: string[]): string[] {
  const groups = new Set(
    scene.stack.filter((placed) => pieces.includes(placed.piece) && placed.group !== "").map((placed) => placed.group),
  );
  return scene.stack
    .filter((placed) => (pieces.includes(placed.piece) || groups.has(placed.group)) && !placed.locked)
    .map((placed) => placed.piece);
}

/**
 * Places pieces while they are dragged or nudged: the boxes follow at once, edits follow them, and all edits of one
 * drag or one burst of keys are undone as one.
 *
 * @param measured when the layout was last asked for
 */
export function usePlacing(scene: Scene, layout: Layout, measured: number) {
  const edit = useEdit();
  const [ahead, setAhead] = useState<Placing[]>([]);
  const gesture = useRef({ id: "", last: 0 });
  /** How many edits are under way. */
  const open = useRef(0);

  // The server's layout is the truth again as soon as nothing is under way; where something was undone meanwhile, it is
  // the same as before.
  useEffect(() => {
    if (open.current === 0) setAhead((all) => (all.length === 0 ? all : []));
  }, [layout, measured]);

  const begin = useCallback(() => {
    const now = Date.now();
    if (now - gesture.current.last > BURST) gesture.current.id = crypto.randomUUID();
    gesture.current.last = now;
    return gesture.current.id;
  }, []);

  const place = useCallback(
    (all: Placing[]) => {
      if (all.length === 0) return;
      gesture.current.last = Date.now();
      setAhead(all);
      open.current++;
      const edits = all.map((one) => ({
        edit: "setBox" as const,
        scene: scene.id,
        piece: one.piece,
        canvas: layout.canvas,
        box: one.box,
      }));
      void edit(asOne(edits) as Edit, gesture.current.id, OTHERS).then((taken) => {
        open.current--;
        if (!taken) setAhead([]);
      });
    },
    [edit, scene.id, layout.canvas],
  );

  const boxOf = (piece: string): Box | undefined =>
    ahead.find((one) => one.piece === piece)?.box ?? layout.pieces.find((p) => p.id === piece)?.box;
  return { begin, place, boxOf, ahead };
}
