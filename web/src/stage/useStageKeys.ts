import type { KeyboardEvent } from "react";
import type { Box, Layout, Scene, Theme } from "../api/client";
import { moved, sized } from "./geometry";
import { movingWith, type Placing } from "./usePlacing";
import { chosenNow } from "./selection";
import { useStageEdits } from "./useStageEdits";
import { useMay } from "../theme/May";

interface Wanted {
  theme: Theme;
  scene: Scene;
  layout: Layout;
  selected: string[];
  select: (pieces: string[]) => void;
  boxOf: (piece: string) => Box | undefined;
  begin: () => string;
  place: (all: Placing[]) => void;
}

const LEAST_SIDE = 8;
const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The stage by keyboard; the list of it is in app/Shortcuts. */
export function useStageKeys({ theme, scene, layout, selected, select, boxOf, begin, place }: Wanted) {
  const may = useMay();
  const edits = useStageEdits(theme, scene, layout, selected, select);

  const tab = (event: KeyboardEvent) => {
    const pieces = layout.pieces.map((p) => p.id);
    const before = chosenNow().at(-1);
    const next =
      before === undefined
        ? event.shiftKey
          ? pieces.length - 1
          : 0
        : pieces.indexOf(before) + (event.shiftKey ? -1 : 1);
    const piece = pieces[next];
    // Past the last one, Tab leaves the stage as anywhere else.
    select(piece === undefined ? [] : [piece]);
    if (piece !== undefined) event.preventDefault();
  };

  const arrows = (event: KeyboardEvent, step: [number, number]) => {
    const far = event.shiftKey ? 10 : 1;
    const [dx, dy] = [step[0] * far, step[1] * far];
    const pieces = event.altKey
      ? selected.slice(0, 1).filter((piece) => movingWith(scene, [piece]).includes(piece))
      : movingWith(scene, selected);
    begin();
    place(
      pieces.flatMap((piece) => {
        const box = boxOf(piece);
        if (!box) return [];
        return [
          {
            piece,
            box: event.altKey ? sized(box, { x: 1, y: 1 }, dx, dy, LEAST_SIDE * layout.unit) : moved(box, dx, dy),
          },
        ];
      }),
    );
  };

  const commands: Record<string, () => void> = {
    a: () => select(layout.pieces.map((p) => p.id)),
    ...(may ? { v: edits.paste } : {}),
    ...(may && selected.length > 0 ? { d: edits.duplicate, c: edits.copy, g: edits.group } : {}),
  };
  const singles: Record<string, () => void> = {
    Delete: edits.takeOff,
    Backspace: edits.takeOff,
    "]": () => edits.reorder(1),
    "[": () => edits.reorder(-1),
    l: edits.lock,
    h: edits.hide,
    m: edits.mirror,
    ",": () => edits.turn(-1),
    ".": () => edits.turn(1),
    "<": () => edits.turn(-15),
    ">": () => edits.turn(15),
  };

  return (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    if (event.key === "Escape") return select([]);
    if (event.key === "Tab") return tab(event);
    const command = event.ctrlKey || event.metaKey;
    const arrow = ARROWS[event.key];
    const changes = may && selected.length > 0;
    const does = command ? commands[event.key.toLowerCase()] : changes ? singles[event.key] : undefined;
    if (arrow && changes && !command) arrows(event, arrow);
    else if (does) does();
    else return;
    event.preventDefault();
  };
}
