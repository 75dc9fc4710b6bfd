import { Anchor as AnchorIcon, Globe, Undo2 } from "lucide-react";
import type { Box, Layout, Scene, Schemas, Theme } from "../api/client";
import { useNotices } from "../app/notices";
import { useDraftText } from "../app/useDraftText";
import { useEdit } from "../theme/useTheme";
import { figured } from "./arithmetic";
import { useArrange } from "./useStageEdits";

const SIDES: [keyof Box, string][] = [
  ["x", "Left"],
  ["y", "Top"],
  ["width", "Width"],
  ["height", "Height"],
];
const ANCHORS: [Schemas["Anchored"]["anchor"], string][] = [
  ["TOP_LEFT", "top left"],
  ["TOP", "top"],
  ["TOP_RIGHT", "top right"],
  ["LEFT", "left"],
  ["CENTRE", "middle"],
  ["RIGHT", "right"],
  ["BOTTOM_LEFT", "bottom left"],
  ["BOTTOM", "bottom"],
  ["BOTTOM_RIGHT", "bottom right"],
];
const ZONES: [Schemas["InZone"]["zone"], string][] = [
  ["FULL", "the whole canvas"],
  ["PLAY", "the play"],
  ["CAMERA", "the camera"],
  ["STRIP", "the first strip"],
  ["SECOND_STRIP", "the second strip"],
  ["COLUMN", "all strips"],
  ["BAND", "the band"],
  ["CLOCK", "the clock"],
  ["ALERT", "the alerts"],
  ["LOWER", "the foot of the play"],
  ["TOP", "the head of the play"],
  ["CORNER", "the corner of the play"],
  ["LOW_STRIP", "the strip above the band"],
];
const SHAPES = { WIDE: "wide", SQUARE: "square", UPRIGHT: "upright" };

interface Props {
  theme: Theme;
  scene: Scene;
  layout: Layout;
  view: Layout["pieces"][number];
  placed: Schemas["Placed"];
}

/** The place of the selected piece in canvas pixels, to read and to type, and what decides it. */
export function PlaceCard({ theme, scene, layout, view, placed }: Props) {
  const edit = useEdit();
  const arrange = useArrange();
  const set = (side: keyof Box, value: number) =>
    edit({
      edit: "setBox",
      scene: scene.id,
      piece: view.id,
      canvas: layout.canvas,
      box: { ...view.box, [side]: value },
    });
  const spot = placed.onCanvas[layout.canvas] ?? placed.corrections[layout.shape] ?? placed.spot;
  const at = { scene: scene.id, canvas: layout.canvas, piece: view.id };
  // A piece without a hand-made place fills the zone on all shapes; a correction stays with its own shape.
  const toZone = (zone: Schemas["InZone"]["zone"]) =>
    void edit(
      view.onCanvas
        ? { edit: "setPlaceOn", scene: scene.id, piece: view.id, canvas: layout.canvas, spot: { by: "zone", zone } }
        : view.corrected
          ? { edit: "setCorrection", scene: scene.id, piece: view.id, shape: layout.shape, spot: { by: "zone", zone } }
          : { edit: "setSpot", scene: scene.id, piece: view.id, spot: { by: "zone", zone } },
    );
  return (
    <div>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {SIDES.map(([side, label]) => (
          <Side
            key={side}
            label={label}
            value={view.box[side]}
            locked={placed.locked}
            set={(value) => set(side, value)}
          />
        ))}
      </div>
      <label className="mt-2 flex items-center gap-2">
        <span className="text-faint">Fills</span>
        <select
          className="field min-w-0 flex-1"
          aria-label="Zone that it fills"
          disabled={placed.locked}
          value={spot.by === "zone" ? spot.zone : ""}
          onChange={(event) => {
            if (event.target.value !== "") toZone(event.target.value as Schemas["InZone"]["zone"]);
          }}
        >
          <option value="">no zone of the plan</option>
          {ZONES.map(([zone, title]) => (
            <option key={zone} value={zone}>
              {title}
            </option>
          ))}
        </select>
      </label>
      <p className="mt-2 text-faint">
        {decided(spot, theme)}{" "}
        {view.onCanvas ? (
          <>Placed by hand on this canvas alone.</>
        ) : (
          view.corrected && <>Placed by hand on {SHAPES[layout.shape]} canvases.</>
        )}
      </p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {view.corrected && (
          <button
            className="btn"
            disabled={placed.locked}
            onClick={() =>
              void edit(
                view.onCanvas
                  ? { edit: "dropPlaceOn", scene: scene.id, piece: view.id, canvas: layout.canvas }
                  : { edit: "dropCorrection", scene: scene.id, piece: view.id, shape: layout.shape },
              )
            }
          >
            <Undo2 size={13} />
            {view.onCanvas ? "As on this shape" : "Back to the plan"}
          </button>
        )}
        {view.corrected && (
          <button className="btn" disabled={placed.locked} onClick={() => arrange({ arrange: "everywhere", ...at })}>
            <Globe size={13} />
            On all shapes
          </button>
        )}
      </div>
      <div className="mt-2 flex items-start gap-3">
        <div role="radiogroup" aria-label="Anchored to" className="grid shrink-0 grid-cols-3 border border-rule">
          {ANCHORS.map(([anchor, title]) => {
            const on = spot.by === "anchor" && spot.anchor === anchor;
            return (
              <button
                key={anchor}
                role="radio"
                aria-checked={on}
                aria-label={`Anchor at the ${title}`}
                title={`Keep its distance to the ${title} of the canvas`}
                disabled={placed.locked}
                className={`size-5 border-rule ${on ? "bg-kelp" : "hover:bg-kelp-soft"}`}
                onClick={() => arrange({ arrange: "anchor", ...at, anchor })}
              >
                {on ? (
                  <AnchorIcon size={12} className="mx-auto text-paper" />
                ) : (
                  <span className="mx-auto block size-1 rounded-full bg-faint" />
                )}
              </button>
            );
          })}
        </div>
        <Attach
          scene={scene}
          theme={theme}
          view={view}
          spot={spot}
          locked={placed.locked}
          unit={layout.unit}
          hang={(to, side, gap) => arrange({ arrange: "attach", ...at, to, side, along: "START", gap })}
        />
      </div>
    </div>
  );
}

function decided(spot: Schemas["Placed"]["spot"], theme: Theme): string {
  switch (spot.by) {
    case "zone":
      return "Placed by the zone plan.";
    case "anchor":
      return `Anchored at the ${ANCHORS.find(([id]) => id === spot.anchor)?.[1] ?? ""} of the canvas.`;
    case "attach":
      return `Attached to ${theme.pieces.find((piece) => piece.id === spot.to)?.name ?? "a piece that is gone"}.`;
  }
}

type SideName = Schemas["Attached"]["side"];
const HANGS: [SideName, string][] = [
  ["BOTTOM", "below"],
  ["TOP", "above"],
  ["LEFT", "left of"],
  ["RIGHT", "right of"],
];

interface AttachProps {
  scene: Scene;
  theme: Theme;
  view: Layout["pieces"][number];
  spot: Schemas["Placed"]["spot"];
  locked: boolean;
  unit: number;
  hang: (to: string, side: SideName, gap: number) => void;
}

/** Hangs the piece on another one, so that it goes along with it. */
function Attach({ scene, theme, view, spot, locked, unit, hang }: AttachProps) {
  const now = spot.by === "attach" ? spot : null;
  const side = now?.side ?? "BOTTOM";
  const gap = Math.round((now?.gap ?? 20) * unit);
  const draft = useDraftText(String(gap), (text) => {
    const next = figured(text, gap);
    if (next === null || !now) return false;
    hang(now.to, side, next);
    return true;
  });
  const others = scene.stack.filter((placed) => placed.piece !== view.id);
  return (
    <div className="flex min-w-0 flex-1 flex-col gap-1">
      <select
        className="field"
        aria-label="Attached to"
        disabled={locked}
        value={now?.to ?? ""}
        onChange={(event) => {
          if (event.target.value !== "") hang(event.target.value, side, gap);
        }}
      >
        <option value="">attached to nothing</option>
        {others.map((placed) => (
          <option key={placed.piece} value={placed.piece}>
            attached to {theme.pieces.find((piece) => piece.id === placed.piece)?.name}
          </option>
        ))}
      </select>
      {now && (
        <span className="flex gap-1">
          <select
            className="field flex-1"
            aria-label="On which side"
            disabled={locked}
            value={side}
            onChange={(event) => hang(now.to, event.target.value as SideName, gap)}
          >
            {HANGS.map(([id, title]) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
          <input className="field w-14" aria-label="Gap in pixels" disabled={locked} {...draft} />
        </span>
      )}
    </div>
  );
}

function Side({
  label,
  value,
  locked,
  set,
}: {
  label: string;
  value: number;
  locked: boolean;
  set: (value: number) => Promise<boolean>;
}) {
  const say = useNotices((state) => state.say);
  const draft = useDraftText(String(value), (text) => {
    const next = figured(text, value);
    if (next !== null) return set(Math.round(next));
    say(`“${text}” is not understood. Type pixels, with + - * / and % if you like.`, true);
    return false;
  });
  return (
    <label className="grid grid-cols-[46px_1fr] items-center">
      <span className="text-faint">{label}</span>
      <input className="field" aria-label={`${label} in pixels`} disabled={locked} {...draft} />
    </label>
  );
}
