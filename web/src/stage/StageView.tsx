import { useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Box, Canvas, Layout, Scene } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { useEdit, useTheme } from "../theme/useTheme";
import { contains, HANDLES, moved, sized, type Handle } from "./geometry";
import { Hatch } from "./Hatch";
import { usePlacing } from "./usePlacing";

interface Props {
  scene: Scene;
  canvas: Canvas;
  layout: Layout;
  selected: string;
  select: (piece: string) => void;
}

const LEAST_SIDE = 8;
const ROOM = 20;

/** The scene, large, with selection, safe areas and openings drawn over it. */
export function StageView({ scene, canvas, layout, selected, select }: Props) {
  const { id } = useTheme();
  const edit = useEdit();
  const room = useRef<HTMLDivElement>(null);
  const [scale, setScale] = useState(0.1);
  const { begin, place, boxOf } = usePlacing(scene, layout);
  const drag = useRef<{ piece: string; from: Box; x: number; y: number; handle: Handle | null } | null>(null);

  useLayoutEffect(() => {
    const element = room.current;
    if (!element) return;
    const measure = () => setScale(Math.min((element.clientWidth - 2 * ROOM) / canvas.size.width, (element.clientHeight - 2 * ROOM) / canvas.size.height));
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
    event.currentTarget.focus();
    const { x, y } = at(event);
    const handle = handleAt(boxOf(selected), x, y, 9 / scale);
    const hit = handle ? selected : pieceAt(layout, x, y);
    select(hit);
    const from = boxOf(hit);
    if (!from) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    begin();
    drag.current = { piece: hit, from, x, y, handle };
  };

  const pull = (event: PointerEvent<HTMLDivElement>) => {
    const now = drag.current;
    if (!now) return;
    const { x, y } = at(event);
    const dx = x - now.x;
    const dy = y - now.y;
    if (Math.abs(dx) + Math.abs(dy) < 2 / scale && boxOf(now.piece) === now.from) return;
    place(now.piece, now.handle ? sized(now.from, now.handle, dx, dy, LEAST_SIDE * layout.unit) : moved(now.from, dx, dy));
  };

  const keys = (event: KeyboardEvent) => {
    const pieces = layout.pieces.map((p) => p.id);
    if (event.key === "Escape") return select("");
    if (event.key === "Tab" && pieces.length > 0) {
      const next = pieces.indexOf(selected) + (event.shiftKey ? -1 : 1);
      if (next < 0 || next >= pieces.length) return select("");
      event.preventDefault();
      return select(pieces[next] ?? "");
    }
    const box = boxOf(selected);
    if (!box || event.ctrlKey || event.metaKey) return;
    const index = scene.stack.findIndex((p) => p.piece === selected);
    if (event.key === "Delete") void edit({ edit: "takeOff", scene: scene.id, piece: selected });
    else if (event.key === "]") void edit({ edit: "reorder", scene: scene.id, piece: selected, index: index + 1 });
    else if (event.key === "[") void edit({ edit: "reorder", scene: scene.id, piece: selected, index: Math.max(0, index - 1) });
    else {
      const step = ARROWS[event.key];
      if (!step) return;
      const far = event.shiftKey ? 10 : 1;
      begin();
      place(selected, event.altKey ? sized(box, { x: 1, y: 1 }, step[0] * far, step[1] * far, LEAST_SIDE * layout.unit) : moved(box, step[0] * far, step[1] * far));
    }
    event.preventDefault();
  };

  const width = canvas.size.width * scale;
  const box = boxOf(selected);
  return (
    <div ref={room} className="grid min-h-0 flex-1 place-items-center bg-surround">
      <div role="application" aria-label={`Stage: ${scene.name} on ${canvas.name}. Tab selects a piece, arrows move it.`} tabIndex={0} data-testid="stage"
        className="weave relative touch-none select-none outline-offset-4" style={{ width, height: canvas.size.height * scale }}
        onPointerDown={press} onPointerMove={pull} onPointerUp={() => { drag.current = null; }} onKeyDown={keys}>
        <Hatch layout={layout} labels />
        <ScenePicture theme={id} scene={scene.id} canvas={canvas.id} width={canvas.size.width} height={canvas.size.height} moving />
        <Guides layout={layout} scale={scale} box={box} />
      </div>
    </div>
  );
}

const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** The front-most piece under the pointer; full-canvas ones only where nothing else is. */
function pieceAt(layout: Layout, x: number, y: number): string {
  const under = layout.pieces.filter((piece) => contains(piece.box, x, y) && piece.kind !== "ANNOUNCER").reverse();
  const small = under.find((piece) => piece.box.width * piece.box.height < layout.width * layout.height * 0.9);
  return (small ?? under[0])?.id ?? "";
}

function handleAt(box: Box | undefined, x: number, y: number, near: number): Handle | null {
  if (!box) return null;
  return HANDLES.find((h) => Math.abs(box.x + (box.width * (h.x + 1)) / 2 - x) <= near && Math.abs(box.y + (box.height * (h.y + 1)) / 2 - y) <= near) ?? null;
}

/** Safe areas as thin lines, and the selection like a dimension on a drawing. */
function Guides({ layout, scale, box }: { layout: Layout; scale: number; box: Box | undefined }) {
  const line = 1 / scale;
  return (
    <svg className="pointer-events-none absolute inset-0 size-full overflow-visible" viewBox={`0 0 ${String(layout.width)} ${String(layout.height)}`} aria-hidden="true">
      {[layout.action, layout.graphics].map((area, i) => (
        <rect key={i} x={area.x} y={area.y} width={area.width} height={area.height} fill="none" stroke="#fff" strokeOpacity={0.45} strokeWidth={line} strokeDasharray={i === 0 ? `${String(8 * line)} ${String(6 * line)}` : `${String(2 * line)} ${String(6 * line)}`} />
      ))}
      {box && (
        <g data-testid="selection">
          <rect x={box.x} y={box.y} width={box.width} height={box.height} fill="none" stroke="#fff" strokeWidth={3 * line} />
          <rect x={box.x} y={box.y} width={box.width} height={box.height} fill="none" stroke="#111" strokeWidth={line} />
          {HANDLES.map((h) => {
            const x = box.x + (box.width * (h.x + 1)) / 2;
            const y = box.y + (box.height * (h.y + 1)) / 2;
            return <path key={`${String(h.x)}${String(h.y)}`} d={`M${String(x - 5 * line)} ${String(y)}H${String(x + 5 * line)}M${String(x)} ${String(y - 5 * line)}V${String(y + 5 * line)}`} stroke="#111" strokeWidth={3 * line} />;
          })}
          <text x={box.x + box.width / 2} y={box.y - 7 * line} fontSize={12 * line} textAnchor="middle" fill="#111" stroke="#fff" strokeWidth={4 * line} paintOrder="stroke">{Math.round(box.width)} × {Math.round(box.height)} at {Math.round(box.x)}, {Math.round(box.y)}</text>
        </g>
      )}
    </svg>
  );
}
