import { AlertTriangle, Check, Plus } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import type { Canvas, Finding, Layout, Scene } from "../api/client";
import { Hatch } from "../stage/Hatch";
import { ScenePicture } from "../app/ScenePicture";
import { ROLE_NAMES } from "./roles";
import { useCatalogue, useEdit, useLayouts, useStart, useTheme, useThemeFindings } from "./useTheme";

/** Scenes by canvases; every cell the true picture with what preflight found. */
export function SheetPage() {
  const { theme, id } = useTheme();
  const layouts = useLayouts();
  const cell = (scene: Scene, canvas: Canvas) => layouts.data?.find((layout) => layout.scene === scene.id && layout.canvas === canvas.id);
  const whole = useThemeFindings();
  const findings = [...(layouts.data?.flatMap((layout) => layout.findings) ?? []), ...(whole.data ?? [])];
  return (
    <div className="p-4">
      <div className="mb-3 flex items-baseline gap-4">
        <h1>Sheet</h1>
        <p className={findings.length > 0 ? "text-ochre" : "text-faint"}>
          {layouts.data ? summary(findings.length, theme.scenes.length, theme.canvases.length) : "Measuring …"}
        </p>
      </div>
      {theme.scenes.length === 0 ? <NoScenes /> : (
        <div className="overflow-x-auto">
          <table className="border-collapse">
            <thead>
              <tr>
                <th className="w-24" />
                {theme.canvases.map((canvas) => (
                  <th key={canvas.id} className="px-2 pb-1 text-left font-normal">
                    <span className="font-head font-bold">{canvas.name}</span> <span className="text-faint">{canvas.size.width} × {canvas.size.height}</span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {theme.scenes.map((scene) => (
                <tr key={scene.id} className="border-t border-rule align-top">
                  <th className="py-2 pr-2 text-left font-head font-bold">{scene.name}</th>
                  {theme.canvases.map((canvas) => (
                    <td key={canvas.id} className="p-2"><Cell theme={id} scene={scene} canvas={canvas} layout={cell(scene, canvas)} /></td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {theme.scenes.length > 0 && (
        <div className="mt-4 grid max-w-5xl grid-cols-[minmax(0,1fr)_260px] gap-8">
          <FindingList findings={findings} ready={layouts.isSuccess} />
          <AddScene />
        </div>
      )}
    </div>
  );
}

function summary(found: number, scenes: number, canvases: number): string {
  if (scenes === 0) return "No scenes yet.";
  const cells = `${String(scenes)} scenes on ${String(canvases)} canvases`;
  return found === 0 ? `${cells}: everything fits.` : `${cells}: ${String(found)} ${found === 1 ? "finding" : "findings"}.`;
}

function Cell({ theme, scene, canvas, layout }: { theme: string; scene: Scene; canvas: Canvas; layout: Layout | undefined }) {
  const [over, setOver] = useState(false);
  const upright = canvas.size.height > canvas.size.width;
  const found = layout?.findings.length ?? 0;
  return (
    <Link to={`/themes/${theme}/stage/${scene.id}/${canvas.id}`} className="block" style={{ width: upright ? 124 : 300 }}
      aria-label={`${scene.name} on ${canvas.name}, ${String(found)} findings`}
      onMouseEnter={() => setOver(true)} onMouseLeave={() => setOver(false)} onFocus={() => setOver(true)} onBlur={() => setOver(false)}>
      <div className="weave relative outline-1 outline-rule hover:outline-2 hover:outline-ink" style={{ outlineStyle: "solid" }}>
        {layout && <Hatch layout={layout} />}
        <ScenePicture theme={theme} scene={scene.id} canvas={canvas.id} width={canvas.size.width} height={canvas.size.height} moving={over} />
      </div>
      <span className={`mt-1 flex items-center gap-1 ${found > 0 ? "text-ochre" : "text-faint"}`}>
        {found > 0 ? <AlertTriangle size={13} /> : <Check size={13} />}{found > 0 ? String(found) : "fits"}
      </span>
    </Link>
  );
}

function NoScenes() {
  return (
    <div className="mb-4 border border-dashed border-rule p-6">
      <p className="mb-3 text-faint">This theme has no scenes yet.</p>
      <AddScene />
    </div>
  );
}

export function FindingList({ findings, ready }: { findings: Finding[]; ready: boolean }) {
  const { theme, id } = useTheme();
  const edit = useEdit();
  const name = (finding: Finding) => finding.scene === "" ? "Theme" : `${theme.scenes.find((s) => s.id === finding.scene)?.name ?? ""} · ${theme.canvases.find((c) => c.id === finding.canvas)?.name ?? ""}`;
  return (
    <section aria-labelledby="findings">
      <h2 id="findings" className="mb-1">Findings</h2>
      {ready && findings.length === 0 && <p className="text-faint">None. Nothing is cut off, covers an opening or is too small to read.</p>}
      <ul className="ruled">
        {findings.map((finding, i) => (
          <li key={i} className="flex items-center gap-3 py-1.5">
            <AlertTriangle size={14} className="shrink-0 text-ochre" />
            <span className="min-w-0 flex-1"><span className="text-faint">{name(finding)}:</span> {finding.sentence}</span>
            {finding.kind === "PROVENANCE" && <Link className="btn" to={`/themes/${id}/brand/pictures`}>Say it</Link>}
            {finding.fix && <button className="btn" onClick={() => void edit(finding.fix as NonNullable<Finding["fix"]>)}>Fix</button>}
          </li>
        ))}
      </ul>
    </section>
  );
}

function AddScene() {
  const catalogue = useCatalogue();
  const start = useStart();
  return (
    <section aria-labelledby="add-scene">
      <h2 id="add-scene" className="mb-1">Add a scene</h2>
      <p className="mb-2 text-faint">It comes with the pieces that such a scene needs.</p>
      <div className="flex flex-wrap gap-1.5">
        {catalogue.data?.sceneRoles.map((role) => (
          <button key={role} className="btn" disabled={start.isPending} onClick={() => start.mutate({ family: "", roles: [role] })}><Plus size={14} />{ROLE_NAMES[role]}</button>
        ))}
      </div>
    </section>
  );
}
