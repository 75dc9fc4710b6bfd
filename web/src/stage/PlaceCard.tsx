import type { Box, Layout, Scene, Schemas } from "../api/client";
import { useNotices } from "../app/notices";
import { useDraftText } from "../app/useDraftText";
import { useEdit } from "../theme/useTheme";
import { inUnits } from "./geometry";

const SIDES: [keyof Box, string][] = [["x", "Left"], ["y", "Top"], ["width", "Width"], ["height", "Height"]];

/** The place of the selected piece in canvas pixels, to read and to type. */
export function PlaceCard({ scene, layout, view }: { scene: Scene; layout: Layout; view: Schemas["PieceView"] }) {
  const edit = useEdit();
  const set = (side: keyof Box, value: number) =>
    edit({ edit: "setBox", scene: scene.id, piece: view.id, shape: layout.shape, box: inUnits({ ...view.box, [side]: value }, layout.unit) });
  return (
    <div>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {SIDES.map(([side, label]) => <Side key={side} label={label} value={view.box[side]} set={(value) => set(side, value)} />)}
      </div>
      <p className="mt-1 text-faint">
        {view.corrected ? "Placed by hand on this shape of canvas. " : "Placed by the zone plan. "}
        {view.corrected && <button className="underline" onClick={() => void edit({ edit: "dropBox", scene: scene.id, piece: view.id, shape: layout.shape })}>Back to the plan</button>}
      </p>
    </div>
  );
}

function Side({ label, value, set }: { label: string; value: number; set: (value: number) => Promise<boolean> }) {
  const say = useNotices((state) => state.say);
  const draft = useDraftText(String(value), (text) => {
    const next = Number(text.replace(",", "."));
    if (text.trim() !== "" && Number.isFinite(next)) return set(next);
    say(`“${text}” is not a number of pixels.`, true);
    return false;
  });
  return (
    <label className="grid grid-cols-[46px_1fr] items-center">
      <span className="text-faint">{label}</span>
      <input className="field" inputMode="numeric" aria-label={`${label} in pixels`} {...draft} />
    </label>
  );
}
