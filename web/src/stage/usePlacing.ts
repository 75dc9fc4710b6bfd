import { useCallback, useEffect, useRef, useState } from "react";
import type { Box, Layout, Scene } from "../api/client";
import { useEdit } from "../theme/useTheme";
import { inUnits } from "./geometry";

const BETWEEN_EDITS = 50;
const BURST = 700;

/**
 * Places a piece while it is dragged or nudged: the box follows at once, edits follow it every 50 ms, and all edits of
 * one drag or one burst of keys are undone as one.
 */
export function usePlacing(scene: Scene, layout: Layout) {
  const edit = useEdit();
  const [ahead, setAhead] = useState<{ piece: string; box: Box } | null>(null);
  const gesture = useRef({ id: "", last: 0 });
  const pending = useRef<{ timer: number; sent: number; open: number }>({ timer: 0, sent: 0, open: 0 });

  // The server's layout is the truth again as soon as nothing is under way.
  useEffect(() => {
    if (pending.current.open === 0) setAhead(null);
  }, [layout]);

  const begin = useCallback(() => {
    const now = Date.now();
    if (now - gesture.current.last > BURST) gesture.current.id = crypto.randomUUID();
    gesture.current.last = now;
  }, []);

  const place = useCallback(
    (piece: string, box: Box) => {
      gesture.current.last = Date.now();
      setAhead({ piece, box });
      clearTimeout(pending.current.timer);
      const send = () => {
        pending.current.sent = Date.now();
        pending.current.open++;
        void edit({ edit: "setBox", scene: scene.id, piece, shape: layout.shape, box: inUnits(box, layout.unit) }, gesture.current.id).then((taken) => {
          pending.current.open--;
          if (!taken) setAhead(null);
        });
      };
      const wait = BETWEEN_EDITS - (Date.now() - pending.current.sent);
      if (wait <= 0) send();
      else pending.current.timer = window.setTimeout(send, wait);
    },
    [edit, scene.id, layout.shape, layout.unit],
  );

  const boxOf = (piece: string): Box | undefined => (ahead?.piece === piece ? ahead.box : layout.pieces.find((p) => p.id === piece)?.box);
  return { begin, place, boxOf };
}
