import { useLayoutEffect, useMemo, useRef, useState, type PointerEvent } from "react";
import type { Box, Canvas, Layout, Scene, Theme } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { useThemeId } from "../theme/useTheme";
import type { Person } from "../api/live";
import { Areas } from "./Areas";
import { Backing } from "./Backing";
import { Dividers } from "./Dividers";
import { between, contains, HANDLES, inside, moved, sized, around, type Handle } from "./geometry";
import { Guides } from "./Guides";
import { snapLines, snappedMove, snappedSize, type SnapLine } from "./snapping";
import { asTurned, useTurning } from "./useTurning";
import { useDrawing } from "./useDrawing";
import { movingWith, usePlacing, type Placing } from "./usePlacing";
import { useStage } from "./useStage";
import { useStageKeys } from "./useStageKeys";
import { useMay } from "../theme/May";

interface Props {
  theme: Theme;
  scene: Scene;
  canvas: Canvas;
  layout: Layout;
  /** When the layout was last asked for, epoch milliseconds. */
  measured: number;
  selected: string[];
  select: (pieces: string[]) => void;
  others: Person[];
}

const ROOM = 24;
/** Screen pixels within which an edge catches on a line. */
const NEAR = 6;
const LEAST_SIDE = 8;

type Drag =
  | { what: "move"; from: Placing[]; x: number; y: number; lines: SnapLine[] }
  | { what: "size"; piece: string; from: Box; handle: Handle; x: number; y: number; lines: SnapLine[] }
  | { what: "turn"; piece: string; from: Box }
  | { what: "choose"; x: number; y: number; kept: string[] }
  | { what: "draw"; x: number; y: number };

/** The scene, large, with selection, guides, plan lines and areas drawn over it. */
export function StageView({ theme, scene, canvas, layout, measured, selected, select, others }: Props) {
  const id = useThemeId();
  const room = useRef<HTMLDivElement>(null);
  const [scale, setScale] = useState(0.1);
  const { begin, place, boxOf, ahead } = usePlacing(scene, layout, measured);
  // A frame waits for what is cut out behind it.
  const held = useMemo(
    () => ahead.filter((one) => !layout.openings.some((opening) => opening.piece === one.piece)),
    [ahead, layout.openings],
  );
  const [met, setMet] = useState<SnapLine[]>([]);
  const [marquee, setMarquee] = useState<Box | null>(null);
  const drag = useRef<Drag | null>(null);
  const look = useStage();
  const may = useMay();
  const turn = useTurning(scene, layout);
  const draw = useDrawing(theme, scene, layout);
  const keys = useStageKeys({ theme, scene, layout, selected, select, boxOf, begin, place });

  useLayoutEffect(() => {
    const element = room.current;
    if (!element) return;
    const measure = () =>
      setScale(
        Math.min(
          (element.clientWidth - 2 * ROOM) / canvas.size.width,
          (element.clientHeight - 2 * ROOM) / canvas.size.height,
        ),
      );
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, [canvas]);

  const at = (event: PointerEvent) => {
    const frame = event.currentTarget.getBoundingClientRect();
    return { x: (event.clientX - frame.left) / scale, y: (event.clientY - frame.top) / scale };
  };

  const press = (event: PointerEvent<HTMLDivElement>) => {
    if (event.button !== 0) return;
    event.currentTarget.focus();
    event.currentTarget.setPointerCapture(event.pointerId);
    look.set({ held: true });
    const { x, y } = at(event);
    drag.current = look.drawing === "" ? grasp(event, x, y) : { what: "draw", x, y };
  };

  const grasp = (event: PointerEvent, x: number, y: number): Drag => {
    const [only] = selected;
    const box = selected.length === 1 && only ? boxOf(only) : undefined;
    const free = may && only !== undefined && movingWith(scene, [only]).includes(only);
    if (box && only && free) {
      const view = layout.pieces.find((piece) => piece.id === only);
      const upright = asTurned(x, y, box, -(view?.turn ?? 0));
      if (turn.grasped(upright, box, scale)) return { what: "turn", piece: only, from: box };
      const handle = handleAt(box, upright.x, upright.y, 9 / scale);
      if (handle) return { what: "size", piece: only, from: box, handle, x, y, lines: snapLines(layout, [only]) };
    }
    const hit = pieceAt(layout, x, y);
    const ground = layout.pieces.find((piece) => piece.id === hit && piece.ground);
    if (hit === "" || (ground && !selected.includes(hit))) {
      const kept = event.shiftKey ? selected : [];
      select(ground && !event.shiftKey ? [hit] : kept);
      return { what: "choose", x, y, kept };
    }
    const next = event.shiftKey
      ? selected.includes(hit)
        ? selected.filter((piece) => piece !== hit)
        : [...selected, hit]
      : selected.includes(hit)
        ? selected
        : [hit];
    if (next !== selected) select(next);
    const moving = may ? movingWith(scene, next) : [];
    begin();
    return {
      what: "move",
      from: moving.flatMap((piece) => {
        const from = boxOf(piece);
        return from ? [{ piece, box: from }] : [];
      }),
      x,
      y,
      lines: snapLines(layout, moving),
    };
  };

  const pull = (event: PointerEvent<HTMLDivElement>) => {
    const now = drag.current;
    if (!now) return;
    const { x, y } = at(event);
    const near = look.snap && !event.ctrlKey ? NEAR / scale : 0;
    switch (now.what) {
      case "move": {
        const whole = around(now.from.map((one) => one.box));
        if (!whole || (Math.abs(x - now.x) + Math.abs(y - now.y) < 3 / scale && met.length === 0)) return;
        const wanted = moved(whole, x - now.x, y - now.y);
        const snapped = snappedMove(wanted, now.lines, near);
        setMet(snapped.met);
        place(
          now.from.map((one) => ({
            piece: one.piece,
            box: moved(one.box, snapped.box.x - whole.x, snapped.box.y - whole.y),
          })),
        );
        break;
      }
      case "size": {
        const snapped = snappedSize(
          sized(now.from, now.handle, x - now.x, y - now.y, LEAST_SIDE * layout.unit),
          now.handle,
          now.lines,
          near,
        );
        setMet(snapped.met);
        begin();
        place([{ piece: now.piece, box: snapped.box }]);
        break;
      }
      case "turn":
        turn.to(now.piece, now.from, x, y, event.shiftKey, begin());
        break;
      case "choose":
        setMarquee(between(now.x, now.y, x, y));
        break;
      case "draw":
        setMarquee(between(now.x, now.y, x, y));
        break;
    }
  };

  const release = () => {
    const now = drag.current;
    drag.current = null;
    look.set({ held: false });
    setMet([]);
    setMarquee(null);
    if (!now || !marquee || marquee.width + marquee.height < 6 / scale) return;
    if (now.what === "draw") draw(marquee);
    if (now.what === "choose")
      select([
        ...now.kept,
        ...layout.pieces
          .filter((piece) => inside(piece.bounds, marquee) && !now.kept.includes(piece.id))
          .map((piece) => piece.id),
      ]);
  };

  const boxes = selected.flatMap((piece) => {
    const box = boxOf(piece);
    return box ? [{ piece, box }] : [];
  });
  return (
    <div ref={room} className="grid min-h-0 flex-1 place-items-center overflow-hidden bg-surround">
      <div
        role="application"
        aria-label={`Stage: ${scene.name} on ${canvas.name}. Tab selects a piece, arrows move it, ? lists all keys.`}
        tabIndex={0}
        data-testid="stage"
        data-stage
        className={`weave relative touch-none select-none outline-offset-4 ${look.drawing === "" ? "" : "cursor-crosshair"}`}
        style={{ width: canvas.size.width * scale, height: canvas.size.height * scale }}
        onPointerDown={press}
        onPointerMove={pull}
        onPointerUp={release}
        onPointerCancel={release}
        onKeyDown={(event) => {
          if (look.drawing !== "" && event.key === "Enter") draw(middle(layout, look.drawing));
          else keys(event);
        }}
      >
        <Backing layout={layout} footage={look.footage} labels />
        <ScenePicture
          theme={id}
          scene={scene.id}
          canvas={canvas.id}
          width={canvas.size.width}
          height={canvas.size.height}
          moving
          arrivals={look.arrivals}
          held={held}
        />
        {look.areas && <Areas layout={layout} scale={scale} />}
        <Guides
          layout={layout}
          scale={scale}
          boxes={boxes}
          met={met}
          marquee={marquee}
          guides={look.guides}
          others={others}
        />
        {look.plan && <Dividers layout={layout} scene={scene} scale={scale} />}
      </div>
    </div>
  );
}

/** For those who do not draw with a pointer: a place to begin with, in the first opening or on the canvas. */
function middle(layout: Layout, drawing: string): Box {
  const [opening] = layout.openings;
  const within =
    drawing === "keepClear" || !opening ? { x: 0, y: 0, width: layout.width, height: layout.height } : opening.box;
  return {
    x: Math.round(within.x + within.width * 0.375),
    y: Math.round(within.y + within.height * 0.375),
    width: Math.round(within.width / 4),
    height: Math.round(within.height / 4),
  };
}

/** The front-most piece under the pointer; full-canvas ones only where nothing else is. */
function pieceAt(layout: Layout, x: number, y: number): string {
  const under = layout.pieces.filter((piece) => contains(piece.bounds, x, y) && !piece.through).reverse();
  const small = under.find((piece) => piece.box.width * piece.box.height < layout.width * layout.height * 0.9);
  return (small ?? under[0])?.id ?? "";
}

function handleAt(box: Box, x: number, y: number, near: number): Handle | null {
  return (
    HANDLES.find(
      (h) =>
        Math.abs(box.x + (box.width * (h.x + 1)) / 2 - x) <= near &&
        Math.abs(box.y + (box.height * (h.y + 1)) / 2 - y) <= near,
    ) ?? null
  );
}
