import { useQuery } from "@tanstack/react-query";
import { Eye, EyeOff } from "lucide-react";
import { useState } from "react";
import { answer, api } from "../api/client";
import { SourceFindings } from "../publish/SourceFindings";
import { useLedger } from "../publish/useLedger";
import { useTheme } from "../theme/useTheme";
import { ShowPanel } from "../show/ShowPanel";
import { PracticeChat } from "../bot/PracticeChat";
import { Practice } from "./Practice";
import { ProgramPicture } from "./ProgramPicture";
import { TimeLine } from "./TimeLine";
import { LoadPart, measuredKey } from "./LoadPart";
import { RigSets } from "./RigSets";
import { SourceList } from "./SourceList";
import { useFrameCount } from "./useMeasured";
import { useRig, withScene, type Program } from "./useRig";
import { Trouble } from "../app/Trouble";
import { Link } from "react-router";
import { May, useMay } from "../theme/May";

/** The practice rig: programs side by side, one switch for their scenes, sources with every figure. */
export function RigPage() {
  const { id, onAir } = useTheme();
  const { rig, put, fill } = useRig(id);
  const [scene, setScene] = useState("");
  const [edited, setEdited] = useState("");
  const [watched, watch] = useState<string[]>();
  const [boxes, setBoxes] = useState(false);
  const [still, setStill] = useState(false);
  const loads = useQuery({
    queryKey: ["load", id, onAir],
    queryFn: () => answer(api.GET("/api/themes/{id}/load", { params: { path: { id } } })),
    staleTime: Infinity,
  });
  const may = useMay("OPERATOR");
  if (rig.isPending) return <p className="p-4 text-faint">Loading the rig …</p>;
  if (!rig.data) return <Trouble query={rig} className="p-4" />;
  const programs = rig.data.rig.programs;
  const shown = watched ? programs.filter((p) => watched.includes(p.id)) : sideBySide(programs);
  const active = programs[0]?.scenes.find((s) => s.id === scene)?.id ?? programs[0]?.scenes[0]?.id ?? "";
  const program = programs.find((p) => p.id === edited) ?? programs[0];
  const activeScene = program?.scenes.find((s) => s.id === active);
  const fillButton = may && (
    <span className="flex items-center gap-2">
      <select
        className="field"
        aria-label="How captures are placed"
        value={boxes ? "boxes" : "crops"}
        onChange={(event) => setBoxes(event.target.value === "boxes")}
      >
        <option value="crops">captures cropped in their own pixels</option>
        <option value="boxes">captures filling boxes</option>
      </select>
      <button className="btn btn-main" disabled={fill.isPending || onAir === 0} onClick={() => fill.mutate(boxes)}>
        Fill from the ledger
      </button>
    </span>
  );
  return (
    <div className="p-4">
      <div className="mb-2 flex items-center gap-3">
        <h1>Practice rig</h1>
        <span className="text-faint">A broadcaster to try things on: nothing leaves this machine.</span>
        {programs.length > 0 && <span className="ml-auto">{fillButton}</span>}
      </div>
      <div className="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-6">
        <div className="flex min-w-0 flex-col gap-3">
          {programs.length === 0 ? (
            <div className="mb-4 border border-dashed border-rule p-6 text-faint">
              <p className="mb-2">
                {!may
                  ? "The rig is empty. Operators, designers and owners fill it."
                  : onAir === 0
                    ? "The rig is empty. Put the theme on air first; then the rig can be filled from the ledger."
                    : "The rig is empty. Fill it from the ledger: every scene gets its sources in order, captures included."}
              </p>
              {may &&
                (onAir === 0 ? (
                  <Link className="btn" to={`/themes/${id}/publish`}>
                    Put the theme on air
                  </Link>
                ) : (
                  fillButton
                ))}
            </div>
          ) : (
            <div>
              <div className="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="Scene on program">
                {programs[0]?.scenes.map((s) => (
                  <button
                    key={s.id}
                    className={`btn ${s.id === active ? "btn-live" : ""}`}
                    aria-pressed={s.id === active}
                    onClick={() => setScene(s.id)}
                  >
                    {s.name}
                  </button>
                ))}
              </div>
              <div className="flex items-start gap-3">
                {shown.length === 0 && <p className="text-faint">No program is looked at.</p>}
                {shown.map((p) => (
                  <div key={p.id} className="min-w-0" style={{ flex: `${String(p.width / p.height)} 1 0` }}>
                    <ProgramPicture
                      program={p}
                      active={active}
                      set={(one) =>
                        (still && loads.data?.find((load) => load.scene === one && load.canvas === p.canvas)?.set) || ""
                      }
                    />
                    <span className="text-faint">
                      {p.name} {p.width} × {p.height}
                    </span>
                  </div>
                ))}
              </div>
            </div>
          )}
          {programs.length > 0 && <Found />}
          {program && activeScene && (
            <div>
              <div className="mb-1 flex flex-wrap items-center gap-1.5" role="group" aria-label="Program to edit">
                {programs.map((p) => (
                  <span key={p.id} className="flex items-center">
                    <button
                      className={`btn rounded-r-none ${p === program ? "border-kelp bg-kelp-soft" : ""}`}
                      aria-pressed={p === program}
                      onClick={() => setEdited(p.id)}
                    >
                      {p.name}
                    </button>
                    <button
                      className={`btn -ml-px rounded-l-none px-1.5 ${shown.includes(p) ? "border-kelp bg-kelp-soft" : ""}`}
                      aria-pressed={shown.includes(p)}
                      aria-label={`Look at ${p.name}`}
                      title={shown.includes(p) ? "Leave it out of the picture" : "Look at it"}
                      onClick={() =>
                        watch(
                          shown.includes(p)
                            ? shown.filter((one) => one !== p).map((one) => one.id)
                            : programs.filter((one) => one === p || shown.includes(one)).map((one) => one.id),
                        )
                      }
                    >
                      {shown.includes(p) ? <Eye size={14} /> : <EyeOff size={14} />}
                    </button>
                  </span>
                ))}
              </div>
              <May role="OPERATOR">
                <RigSets rig={rig.data.rig} program={program} put={put} edit={setEdited} />
                <SourceList
                  program={program}
                  scene={activeScene}
                  change={(change) => put(withScene(rig.data.rig, program.id, activeScene.id, change))}
                />
              </May>
            </div>
          )}
          {program && loads.data && (
            <>
              <LoadPart program={program} loads={loads.data} active={active} still={still} turn={setStill} />
              <FrameCount
                scene={measuredKey(active, still)}
                sources={shown.flatMap((p) => p.scenes.flatMap((one) => one.sources.map((source) => source.id)))}
              />
            </>
          )}
          <TimeLine />
          <Practice />
          <PracticeChat scene={active} />
        </div>
        <ShowPanel />
      </div>
    </div>
  );
}

/** Counts frames without painting anything anew but what shows them. */
function FrameCount({ scene, sources }: { scene: string; sources: string[] }) {
  useFrameCount(scene, sources);
  return null;
}

/** The same list as on Publish: what is wrong with sources that are open, here or in a broadcast. */
function Found() {
  const { id, onAir } = useTheme();
  const ledger = useLedger(id);
  return onAir > 0 && ledger.data ? <SourceFindings ledger={ledger.data} here /> : null;
}

/** The first program, and the first of another shape beside it. */
function sideBySide(programs: Program[]): Program[] {
  const first = programs[0];
  if (!first) return [];
  const other = programs.find((p) => p.width > p.height !== first.width > first.height);
  return other ? [first, other] : [first];
}
