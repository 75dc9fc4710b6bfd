import { Wrench } from "lucide-react";
import type { Schemas } from "../api/client";
import { May } from "../theme/May";
import { useEdit, useTheme } from "../theme/useTheme";
import { useMeasured, type Measured } from "./useMeasured";
import type { Program } from "./useRig";

export type SceneLoad = Schemas["SceneLoad"];

/** Of one scene, as it moves or as it stands. */
export function measuredKey(scene: string, still: boolean): string {
  return `${scene} ${still ? "still" : "moving"}`;
}

/** What each scene of a program costs: computed by the theme, and measured here while it was on. */
export function LoadPart(props: {
  program: Program;
  loads: SceneLoad[];
  active: string;
  still: boolean;
  turn: (still: boolean) => void;
}) {
  const { program, loads, active, still, turn } = props;
  const measured = useMeasured((state) => state.scenes);
  const { theme } = useTheme();
  const edit = useEdit();
  const rows = program.scenes.flatMap((scene) => {
    const load = loads.find((one) => one.scene === scene.id && one.canvas === program.canvas);
    return load ? [{ scene, load }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <section aria-labelledby="load">
      <div className="mb-1 flex items-center gap-3">
        <h2 id="load">What it costs on {program.name}</h2>
        <label className="ml-auto flex items-center gap-1.5">
          <input
            type="checkbox"
            className="accent-kelp"
            checked={still}
            onChange={(event) => turn(event.target.checked)}
          />
          Try it with everything still
        </label>
      </div>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-ink text-left font-head">
            <th className="py-1 pr-2">Scene</th>
            <th className="pr-2">Painted anew in each frame</th>
            <th className="pr-2">Measured here</th>
            <th>First to set still</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ scene, load }) => {
            const first = load.costs.find((cost) => cost.canStill && cost.share >= MUCH);
            const piece = theme.pieces.find((one) => one.id === first?.piece);
            return (
              <tr
                key={scene.id}
                className={`border-t border-rule align-top ${scene.id === active ? "bg-kelp-soft" : ""}`}
              >
                <td className="py-1 pr-2 font-head font-bold">{scene.name}</td>
                <td className="pr-2">
                  {percent(load.moving)} of the canvas
                  {load.still < load.moving && <span className="block text-faint">still: {percent(load.still)}</span>}
                </td>
                <td className="pr-2">
                  <Here title="moving" measured={measured[measuredKey(scene.id, false)]} />
                  <Here title="still" measured={measured[measuredKey(scene.id, true)]} />
                  {!measured[measuredKey(scene.id, false)] && !measured[measuredKey(scene.id, true)] && (
                    <span className="text-faint">not on yet</span>
                  )}
                </td>
                <td>
                  {first && piece && piece.figures["moving"] !== 0 ? (
                    <>
                      {first.name}, {percent(first.share)}
                      <May>
                        <button
                          className="btn ml-2"
                          aria-label={`Set ${first.name} still`}
                          onClick={() =>
                            void edit({ edit: "setFigure", piece: first.piece, field: "moving", value: 0 })
                          }
                        >
                          <Wrench size={13} />
                          Set still
                        </button>
                      </May>
                    </>
                  ) : (
                    <span className="text-faint">{first ? "set still in the draft" : "nothing that counts"}</span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-faint">
        Frames are those of this page, with {program.name} and whatever else it shows; broadcasting software has other
        work besides. Scripts are those of the process that holds most.
      </p>
    </section>
  );
}

/** Share of the canvas below which a piece is not what makes a scene dear. */
const MUCH = 0.01;

function percent(share: number): string {
  return `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;
}

function Here({ title, measured }: { title: string; measured: Measured | undefined }) {
  if (!measured) return null;
  return (
    <span className="block">
      {title}: {measured.frames.toFixed(0)} frames a second
      {measured.heap > 0 && `, scripts ${measured.heap.toFixed(0)} MB`}
    </span>
  );
}
