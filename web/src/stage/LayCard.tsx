import { FlipHorizontal2, FlipVertical2, RotateCcw } from "lucide-react";
import { useRef } from "react";
import type { Layout, Scene, Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { Tick } from "../app/Tick";
import { useChoices } from "../theme/titles";
import { useEdit } from "../theme/useTheme";
import { figured } from "./arithmetic";
import { manner } from "./useStageEdits";

/** Turn, mirror, opacity and blend of the selected piece on this scene. */
export function LayCard({ scene, layout, placed }: { scene: Scene; layout: Layout; placed: Schemas["Placed"] }) {
  const edit = useEdit();
  const { blends } = useChoices();
  const gesture = useRef("");
  const own = placed.manners[layout.shape];
  const now = own ?? placed.manner;
  const set = (change: Partial<Schemas["Manner"]>, id = "") =>
    edit(
      manner(scene, placed, layout.shape, (old) => ({ ...old, ...change })),
      id,
    );
  const turn = useDraftText(String(now.turn), (text) => {
    const next = figured(text, now.turn);
    return next === null ? false : set({ turn: ((next + 540) % 360) - 180 });
  });
  const begin = () => {
    gesture.current = crypto.randomUUID();
  };
  const plain = now.turn === 0 && !now.mirrored && !now.flipped && now.opacity === 1 && now.blend === "NORMAL";
  return (
    <fieldset disabled={placed.locked} className="mt-3 border-t border-rule pt-2">
      <legend className="sr-only">Rotation, opacity, blend mode</legend>
      <div className="flex items-center gap-2">
        <label className="flex items-center gap-1.5">
          <span className="text-faint">Rotation</span>
          <input className="field w-14" aria-label="Rotation in degrees" {...turn} />
        </label>
        <button
          type="button"
          className={`btn px-1.5 ${now.mirrored ? "border-kelp bg-kelp-soft" : ""}`}
          aria-pressed={now.mirrored}
          aria-label="Flip horizontally"
          title="Flip horizontally (M)"
          onClick={() => void set({ mirrored: !now.mirrored })}
        >
          <FlipHorizontal2 size={14} />
        </button>
        <button
          type="button"
          className={`btn px-1.5 ${now.flipped ? "border-kelp bg-kelp-soft" : ""}`}
          aria-pressed={now.flipped}
          aria-label="Flip vertically"
          title="Flip vertically"
          onClick={() => void set({ flipped: !now.flipped })}
        >
          <FlipVertical2 size={14} />
        </button>
        <button
          type="button"
          className="btn ml-auto px-1.5"
          disabled={plain}
          aria-label="Reset"
          title="Reset"
          onClick={() => void set({ turn: 0, mirrored: false, flipped: false, opacity: 1, blend: "NORMAL" })}
        >
          <RotateCcw size={13} />
        </button>
      </div>
      <div className="mt-1.5 flex items-center gap-2">
        <label className="flex flex-1 items-center gap-1.5">
          <span className="text-faint">Opacity</span>
          <input
            type="range"
            className="w-0 flex-1 accent-kelp"
            min={0}
            max={100}
            step={5}
            value={Math.round(now.opacity * 100)}
            onPointerDown={begin}
            onKeyDown={begin}
            onChange={(event) => void set({ opacity: Number(event.target.value) / 100 }, gesture.current)}
          />
          <span className="w-11 text-right">{Math.round(now.opacity * 100)} %</span>
        </label>
        <select
          className="field w-24"
          aria-label="Blend mode"
          value={now.blend}
          onChange={(event) => void set({ blend: event.target.value as Schemas["Manner"]["blend"] })}
        >
          {blends.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
      </div>
      <label className="mt-1.5 flex items-center gap-2 text-faint">
        <Tick
          stored={own !== undefined}
          send={(on) =>
            edit(
              on
                ? {
                    edit: "setMannerOn",
                    scene: scene.id,
                    piece: placed.piece,
                    shape: layout.shape,
                    manner: placed.manner,
                  }
                : { edit: "dropMannerOn", scene: scene.id, piece: placed.piece, shape: layout.shape },
            )
          }
        />
        Only on this shape of canvas
      </label>
      <label className="mt-1.5 flex items-center gap-2">
        <span className="text-faint">When the scene comes on</span>
        <select
          className="field min-w-0 flex-1"
          value={placed.arrival}
          onChange={(event) =>
            void edit({
              edit: "setArrival",
              scene: scene.id,
              piece: placed.piece,
              arrival: event.target.value as typeof placed.arrival,
            })
          }
        >
          <option value="AS_SCENE">{scene.arrives ? "as the scene: comes in" : "as the scene: at once"}</option>
          <option value="ARRIVES">comes in</option>
          <option value="AT_ONCE">is there at once</option>
        </select>
      </label>
    </fieldset>
  );
}
