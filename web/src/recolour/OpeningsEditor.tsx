import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { Trash2 } from "lucide-react";
import { useRef, useState, type PointerEvent } from "react";
import type { Schemas } from "../api/client";
import { useLimits } from "../theme/titles";
import { useEdit, useThemeId } from "../theme/useTheme";

type Cut = Schemas["Cut"];
type Artwork = Schemas["Artwork"];
type Box = Cut["box"];

/** Shapes that can be drawn; a found outline of another shape keeps its own corners. */
const SHAPES: Partial<Record<Cut["outline"], string>> = {
  RECTANGLE: "rectangle",
  ROUNDED: "round corners",
  CUT_CORNERS: "cut corners",
  ELLIPSE: "ellipse",
  HEXAGON: "hexagon",
  DIAMOND: "diamond",
};
const AS_FOUND = "as found";
const WIDTH = 640;
const HEIGHT = 400;
/** What is dragged over fewer pixels of the picture is a slip of the hand. */
const LEAST = 4;

/** Openings of a picture drawn or corrected by hand. What is changed here goes into the theme at once, each step with its undo. */
export function OpeningsEditor({ artwork, notes, close }: { artwork: Artwork; notes: string[]; close: () => void }) {
  const id = useThemeId();
  const edit = useEdit();
  const cuts = artwork.drawn ?? artwork.openings.openings.map(found);
  const [chosen, setChosen] = useState(0);
  const [draft, setDraft] = useState<{ index: number; box: Box } | null>(null);
  const scale = Math.min(WIDTH / artwork.width, HEIGHT / artwork.height);
  const set = (openings: Cut[]) => void edit({ edit: "setOpenings", artwork: artwork.id, openings });
  const change = (index: number, changed: Partial<Cut>) =>
    set(cuts.map((cut, i) => (i === index ? { ...cut, ...changed } : cut)));
  const shown = (cut: Cut, i: number): Cut => (draft?.index === i ? { ...cut, box: draft.box } : cut);
  const add = (box: Box) => {
    setChosen(cuts.length);
    set([...cuts, { box, outline: "RECTANGLE", corner: 0, edge: [], soft: 0, bare: false }]);
  };
  return (
    <Dialog open onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center bg-ink/30 p-8">
        <DialogPanel className="flex max-h-full w-[1000px] flex-col gap-2 overflow-auto border border-rule bg-sheet p-4">
          <DialogTitle className="font-bold">Openings of {artwork.name}</DialogTitle>
          <div className="grid grid-cols-[640px_minmax(0,1fr)] gap-4">
            <Plan
              artwork={artwork}
              scale={scale}
              src={`/api/themes/${id}/artworks/${artwork.id}/before?width=${String(WIDTH * 2)}`}
              cuts={cuts.map(shown)}
              chosen={chosen}
              choose={setChosen}
              drag={setDraft}
              drop={(index, box) => {
                setDraft(null);
                if (index === cuts.length) add(box);
                else change(index, { box });
              }}
              count={cuts.length}
              draft={draft}
            />
            <div className="min-w-0">
              <p className="text-faint">
                {artwork.drawn === null ? "As found in the picture." : "Drawn by hand."} Drag over the picture to draw
                another one; drag one to move it, its lower right corner to size it.
              </p>
              <ol className="mt-2 flex flex-col gap-2">
                {cuts.map((cut, i) => (
                  <CutLine
                    key={i}
                    cut={shown(cut, i)}
                    number={i + 1}
                    chosen={i === chosen}
                    choose={() => setChosen(i)}
                    set={(changed) => change(i, changed)}
                    remove={() => set(cuts.filter((_, other) => other !== i))}
                  />
                ))}
              </ol>
              {cuts.length === 0 && <p className="mt-2">No capture shows through this picture.</p>}
              <div className="mt-3 flex flex-wrap gap-2">
                <button
                  className="btn"
                  onClick={() =>
                    add({
                      x: Math.round(artwork.width / 4),
                      y: Math.round(artwork.height / 4),
                      width: Math.round(artwork.width / 2),
                      height: Math.round(artwork.height / 2),
                    })
                  }
                >
                  Add an opening
                </button>
                {artwork.drawn !== null && (
                  <button className="btn" onClick={() => void edit({ edit: "dropOpenings", artwork: artwork.id })}>
                    Back to what was found
                  </button>
                )}
              </div>
              {notes.map((note) => (
                <p key={note} className="mt-2 text-faint">
                  {note}
                </p>
              ))}
            </div>
          </div>
          <div className="flex justify-end">
            <button className="btn" onClick={close}>
              Done
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function found(opening: Schemas["FoundOpening"]): Cut {
  return {
    box: opening.box,
    outline: opening.outline,
    corner: opening.corner,
    edge: opening.edge,
    soft: opening.soft,
    bare: opening.bare,
  };
}

interface PlanProps {
  artwork: Artwork;
  scale: number;
  src: string;
  cuts: Cut[];
  count: number;
  draft: { index: number; box: Box } | null;
  chosen: number;
  choose: (index: number) => void;
  drag: (draft: { index: number; box: Box } | null) => void;
  drop: (index: number, box: Box) => void;
}

/** The picture with its openings drawn over it. */
function Plan({ artwork, scale, src, cuts, count, draft, chosen, choose, drag, drop }: PlanProps) {
  const from = useRef<{ x: number; y: number; index: number; box: Box | null; sizing: boolean } | null>(null);
  const at = (event: PointerEvent<SVGSVGElement>) => {
    const frame = event.currentTarget.getBoundingClientRect();
    return { x: (event.clientX - frame.left) / scale, y: (event.clientY - frame.top) / scale };
  };
  const down = (event: PointerEvent<SVGSVGElement>) => {
    const point = at(event);
    const grip = 10 / scale;
    const on = cuts.findLastIndex(
      ({ box }) =>
        point.x >= box.x &&
        point.y >= box.y &&
        point.x <= box.x + box.width + grip &&
        point.y <= box.y + box.height + grip,
    );
    const box = cuts[on]?.box ?? null;
    const sizing = box !== null && point.x >= box.x + box.width - grip && point.y >= box.y + box.height - grip;
    from.current = { ...point, index: box ? on : count, box, sizing };
    if (box) choose(on);
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const moved = (event: PointerEvent<SVGSVGElement>): Box | null => {
    const start = from.current;
    if (!start) return null;
    const { x, y } = at(event);
    const box =
      start.box === null
        ? between(start, { x, y })
        : start.sizing
          ? {
              ...start.box,
              width: Math.max(LEAST, start.box.width + x - start.x),
              height: Math.max(LEAST, start.box.height + y - start.y),
            }
          : { ...start.box, x: start.box.x + x - start.x, y: start.box.y + y - start.y };
    return within(box, artwork);
  };
  return (
    <div className="weave relative" style={{ width: artwork.width * scale, height: artwork.height * scale }}>
      <img src={src} alt={artwork.name} className="absolute inset-0 size-full" draggable={false} />
      <svg
        role="img"
        aria-label="Openings over the picture"
        className="absolute inset-0 size-full cursor-crosshair touch-none"
        viewBox={`0 0 ${String(artwork.width)} ${String(artwork.height)}`}
        onPointerDown={down}
        onPointerMove={(event) => {
          const box = moved(event);
          if (box && from.current) drag({ index: from.current.index, box });
        }}
        onPointerUp={(event) => {
          const box = moved(event);
          const start = from.current;
          from.current = null;
          if (
            box &&
            start &&
            box.width >= LEAST &&
            box.height >= LEAST &&
            JSON.stringify(box) !== JSON.stringify(start.box)
          )
            drop(start.index, box);
          else drag(null);
        }}
        onPointerCancel={() => {
          from.current = null;
          drag(null);
        }}
      >
        {cuts.map((cut, i) => (
          <g key={i} className={i === chosen ? "stroke-ochre" : "stroke-kelp"} fill="none" strokeWidth={2 / scale}>
            <path d={outline(cut)} fill="currentColor" fillOpacity={i === chosen ? 0.18 : 0.08} />
            <rect
              x={cut.box.x + cut.box.width - 4 / scale}
              y={cut.box.y + cut.box.height - 4 / scale}
              width={8 / scale}
              height={8 / scale}
              fill="white"
            />
          </g>
        ))}
        {draft && draft.index === count && (
          <rect {...draft.box} className="stroke-ochre" fill="none" strokeWidth={2 / scale} />
        )}
      </svg>
    </div>
  );
}

function between(one: { x: number; y: number }, other: { x: number; y: number }): Box {
  return {
    x: Math.min(one.x, other.x),
    y: Math.min(one.y, other.y),
    width: Math.abs(one.x - other.x),
    height: Math.abs(one.y - other.y),
  };
}

/** Whole pixels, and never beyond the picture. */
function within(box: Box, { width, height }: Artwork): Box {
  const w = Math.min(Math.round(box.width), width);
  const h = Math.min(Math.round(box.height), height);
  return {
    x: Math.min(Math.max(0, Math.round(box.x)), width - w),
    y: Math.min(Math.max(0, Math.round(box.y)), height - h),
    width: w,
    height: h,
  };
}

/** The shape as a path, for looking at; the theme's own geometry is computed on the server. */
function outline({ box: { x, y, width: w, height: h }, outline: shape, corner, edge }: Cut): string {
  const path = (points: [number, number][]) => `M${points.map(([px, py]) => `${String(px)} ${String(py)}`).join("L")}Z`;
  const c = Math.min(corner, w / 2, h / 2);
  if (edge.length > 0) return path(edge.map((one) => [x + one.x * w, y + one.y * h]));
  switch (shape) {
    case "ELLIPSE":
      return `M${String(x)} ${String(y + h / 2)}a${String(w / 2)} ${String(h / 2)} 0 1 0 ${String(w)} 0a${String(w / 2)} ${String(h / 2)} 0 1 0 ${String(-w)} 0Z`;
    case "HEXAGON":
      return path([
        [x + w / 4, y],
        [x + (w * 3) / 4, y],
        [x + w, y + h / 2],
        [x + (w * 3) / 4, y + h],
        [x + w / 4, y + h],
        [x, y + h / 2],
      ]);
    case "DIAMOND":
      return path([
        [x + w / 2, y],
        [x + w, y + h / 2],
        [x + w / 2, y + h],
        [x, y + h / 2],
      ]);
    case "CUT_CORNERS":
      return path([
        [x + c, y],
        [x + w - c, y],
        [x + w, y + c],
        [x + w, y + h - c],
        [x + w - c, y + h],
        [x + c, y + h],
        [x, y + h - c],
        [x, y + c],
      ]);
    default: {
      const arc = `a${String(c)} ${String(c)} 0 0 1`;
      return `M${String(x + c)} ${String(y)}H${String(x + w - c)}${arc} ${String(c)} ${String(c)}V${String(y + h - c)}${arc} ${String(-c)} ${String(c)}H${String(x + c)}${arc} ${String(-c)} ${String(-c)}V${String(y + c)}${arc} ${String(c)} ${String(-c)}Z`;
    }
  }
}

function CutLine({
  cut,
  number,
  chosen,
  choose,
  set,
  remove,
}: {
  cut: Cut;
  number: number;
  chosen: boolean;
  choose: () => void;
  set: (changed: Partial<Cut>) => void;
  remove: () => void;
}) {
  const side = (name: keyof Box, label: string, least: number) => (
    <Field
      label={label}
      name={`${label} of opening ${String(number)}`}
      value={cut.box[name]}
      least={least}
      set={(value) => set({ box: { ...cut.box, [name]: value } })}
    />
  );
  return (
    <li className={`border-l-4 pl-2 ${chosen ? "border-ochre" : "border-rule"}`} onFocus={choose}>
      <div className="flex items-center gap-2">
        <span className="font-bold">{number}</span>
        <select
          className="field w-36"
          aria-label={`Shape of opening ${String(number)}`}
          value={cut.edge.length > 0 ? AS_FOUND : cut.outline}
          onChange={(e) => {
            const shape = e.target.value as Cut["outline"];
            set({
              outline: shape,
              edge: [],
              corner: shape === "ROUNDED" || shape === "CUT_CORNERS" ? Math.max(cut.corner, 24) : 0,
              bare: cut.bare || shape !== "RECTANGLE",
            });
          }}
        >
          {cut.edge.length > 0 && <option value={AS_FOUND}>its own outline</option>}
          {Object.entries(SHAPES).map(([shape, name]) => (
            <option key={shape} value={shape}>
              {name}
            </option>
          ))}
        </select>
        <button className="btn ml-auto px-1.5" aria-label={`Remove opening ${String(number)}`} onClick={remove}>
          <Trash2 size={14} />
        </button>
      </div>
      <div className="mt-1 flex flex-wrap gap-x-2 gap-y-1">
        {side("x", "x", 0)}
        {side("y", "y", 0)}
        {side("width", "width", 1)}
        {side("height", "height", 1)}
        {(cut.outline === "ROUNDED" || cut.outline === "CUT_CORNERS") && (
          <Field
            label="corner"
            name={`Corner of opening ${String(number)}`}
            value={cut.corner}
            least={0}
            set={(corner) => set({ corner })}
          />
        )}
        <Field
          label="soft edge"
          name={`Soft edge of opening ${String(number)}`}
          value={cut.soft}
          least={0}
          most={64}
          set={(soft) => set({ soft })}
        />
      </div>
      <label className="mt-1 flex items-center gap-1.5">
        <input type="checkbox" checked={cut.bare} onChange={(e) => set({ bare: e.target.checked })} />
        its capture needs a mask
      </label>
    </li>
  );
}

function Field({
  label,
  name,
  value,
  least,
  most,
  set,
}: {
  label: string;
  name: string;
  value: number;
  least: number;
  most?: number;
  set: (value: number) => void;
}) {
  const limits = useLimits();
  const top = most ?? limits?.side ?? Infinity;
  return (
    <label className="flex items-center gap-1">
      <span className="text-faint">{label}</span>
      <input
        type="number"
        className="field w-18"
        aria-label={name}
        min={least}
        max={top}
        key={value}
        defaultValue={Math.round(value * 10) / 10}
        onBlur={(e) => {
          const typed = Number(e.target.value);
          if (Number.isFinite(typed) && e.target.value !== "" && typed >= least && typed <= top) {
            if (typed !== Math.round(value * 10) / 10) set(typed);
          } else {
            e.target.value = String(Math.round(value * 10) / 10);
          }
        }}
        onKeyDown={(e) => {
          if (e.key === "Enter") e.currentTarget.blur();
        }}
      />
    </label>
  );
}
