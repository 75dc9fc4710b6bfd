import type { Box, Layout, Scene, Theme } from "../api/client";
import { useNotices } from "../app/notices";
import { newId } from "../theme/useTheme";
import { inside } from "./geometry";
import { useArrange } from "./useStageEdits";
import { useStage } from "./useStage";

/** Takes a box that was drawn: an area to keep clear, or a region of the capture that it was drawn on. */
export function useDrawing(theme: Theme, scene: Scene, layout: Layout) {
  const arrange = useArrange();
  const say = useNotices((state) => state.say);
  const drawing = useStage((state) => state.drawing);
  const set = useStage((state) => state.set);
  return (drawn: Box) => {
    const at = { scene: scene.id, canvas: layout.canvas, drawn };
    set({ drawing: "", areas: true });
    if (drawing === "keepClear") {
      arrange({ arrange: "keepClear", ...at, id: newId("clear"), name: `Area ${String(scene.keepClear.length + 1)}` });
      return;
    }
    const middle = { x: drawn.x + drawn.width / 2, y: drawn.y + drawn.height / 2, width: 0, height: 0 };
    const opening = [...layout.openings].reverse().find((one) => inside(middle, one.box));
    if (!opening || drawing === "") {
      say("Draw it inside an opening, over the capture that it belongs to.", true);
      return;
    }
    const many = theme.captures.find((capture) => capture.id === opening.capture)?.regions.length ?? 0;
    const name = drawing === "FACE" ? "Face" : "Its own display";
    arrange({
      arrange: "region",
      ...at,
      piece: opening.piece,
      opening: opening.index,
      id: newId("region"),
      name: many === 0 ? name : `${name} ${String(many + 1)}`,
      sort: drawing,
    });
  };
}
