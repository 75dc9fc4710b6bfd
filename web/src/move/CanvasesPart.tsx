import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type Canvas, type Schemas } from "../api/client";
import { NumberField } from "../app/NumberField";
import { useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useSettled } from "../app/useSettled";
import { May } from "../theme/May";
import { useObjectUrl } from "./useObjectUrl";
import { newId, useCatalogue, useEdit, useTheme } from "../theme/useTheme";

type Plan = Schemas["CanvasPlanView"];

const FATES: Record<Plan["canvases"][number]["fate"], string> = {
  KEPT: "stays",
  SCALED: "the same proportions: everything keeps its place",
  REARRANGED: "other proportions: laid out anew",
  NEW: "comes",
  GONE: "goes",
};

const CORRECTIONS: Record<Plan["corrections"][number]["fate"], string> = {
  KEPT: "kept",
  CARRIED: "goes along to",
  SLEEPS: "waits until such a canvas is back",
};

/** The theme on another set of canvases: planned first, then done as one step. */
export function CanvasesPart() {
  const { theme, version } = useTheme();
  const [open, setOpen] = useState(false);
  return (
    <section className="mt-6 border-t border-rule pt-3" aria-labelledby="canvases-move">
      <div className="flex items-center gap-3">
        <h2 id="canvases-move">To another set of canvases</h2>
        <button className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Leave it" : "Plan it"}
        </button>
        {!open && (
          <span className="text-faint">
            Now {theme.canvases.map((one) => `${one.name} ${sized(one)}`).join(", ")}; sizes that come and go at once.
          </span>
        )}
      </div>
      {open && <Planning key={version} done={() => setOpen(false)} />}
    </section>
  );
}

function sized({ size }: Canvas): string {
  return `${String(size.width)} × ${String(size.height)}`;
}

function Planning({ done }: { done: () => void }) {
  const { id, theme, version } = useTheme();
  const edit = useEdit();
  const say = useNotices((state) => state.say);
  const [canvases, setCanvases] = useState(theme.canvases);
  const settled = useSettled(canvases, 200);
  const plan = useQuery({
    queryKey: ["canvas-plan", id, version, settled],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{id}/move/canvases/plan", { params: { path: { id } }, body: { canvases: settled } }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 0,
    retry: false,
  });
  const wanted = plan.data?.edit;
  const take = async () => {
    if (wanted && (await edit(wanted))) {
      say("The canvases are changed; one undo brings the old ones back.");
      done();
    }
  };
  return (
    <div className="mt-2">
      <Wanted canvases={canvases} set={setCanvases} />
      {plan.isPending && <p className="text-faint">Laying it out …</p>}
      {plan.isError && <Trouble query={plan} />}
      {plan.data && !plan.isError && <Told plan={plan.data} canvases={settled} />}
      <May>
        <button className="btn btn-main only-may mt-3" disabled={!wanted || plan.isError} onClick={() => void take()}>
          Change the canvases
        </button>
      </May>
    </div>
  );
}

/** The set that there would be. */
function Wanted({ canvases, set }: { canvases: Canvas[]; set: (canvases: Canvas[]) => void }) {
  const { theme } = useTheme();
  const catalogue = useCatalogue().data;
  const change = (canvas: Canvas) => {
    set(canvases.map((one) => (one.id === canvas.id ? canvas : one)));
    return Promise.resolve(true);
  };
  const gone = theme.canvases.filter((one) => canvases.every((other) => other.id !== one.id));
  return (
    <>
      <ul className="mb-2">
        {canvases.map((canvas) => (
          <li key={canvas.id} className="flex items-center gap-2 py-0.5">
            <span className="w-40 truncate">{canvas.name}</span>
            <NumberField
              label={`Width of ${canvas.name} then`}
              value={canvas.size.width}
              digits={0}
              set={(width) => change({ ...canvas, size: { ...canvas.size, width: Math.round(width) } })}
            />
            ×
            <NumberField
              label={`Height of ${canvas.name} then`}
              value={canvas.size.height}
              digits={0}
              set={(height) => change({ ...canvas, size: { ...canvas.size, height: Math.round(height) } })}
            />
            <button
              className="btn px-1.5"
              aria-label={`Without ${canvas.name}`}
              disabled={canvases.length === 1}
              onClick={() => set(canvases.filter((one) => one !== canvas))}
            >
              <Trash2 className="size-4" />
            </button>
          </li>
        ))}
        {gone.map((canvas) => (
          <li key={canvas.id} className="flex items-center gap-2 py-0.5 text-faint">
            <span className="w-40 truncate line-through">{canvas.name}</span>
            {sized(canvas)}
            <button className="underline" onClick={() => set([...canvases, canvas])}>
              keep it
            </button>
          </li>
        ))}
      </ul>
      <select
        className="field"
        aria-label="A canvas that comes"
        value=""
        onChange={(event) => {
          const system = catalogue?.systems[Number(event.target.value)];
          if (!system) return;
          const { name, size } = system;
          set([...canvases, { id: newId("canvas"), name, size, frameRate: 60, safe: catalogue.safe }]);
        }}
      >
        <option value="">Add a canvas …</option>
        {catalogue?.systems.map((system, i) => (
          <option key={system.name} value={i}>
            {system.name}: {system.size.width} × {system.size.height}
          </option>
        ))}
      </select>
    </>
  );
}

function Told({ plan, canvases }: { plan: Plan; canvases: Canvas[] }) {
  const changed = plan.canvases.filter((one) => one.fate !== "KEPT");
  const named = (canvas: string) => canvases.find((one) => one.id === canvas)?.name ?? canvas;
  const corrections = plan.corrections.filter((one) => one.fate !== "KEPT");
  const kept = plan.corrections.length - corrections.length;
  if (changed.length === 0) return <p className="mt-2 text-faint">Nothing changes yet.</p>;
  return (
    <div className="mt-3 flex flex-col gap-3">
      <ul>
        {changed.map((one) => (
          <li key={one.id}>
            <b>{(one.after ?? one.before)?.name}</b>{" "}
            {[one.before, one.after].flatMap((canvas) => (canvas ? [sized(canvas)] : [])).join(" → ")}:{" "}
            {FATES[one.fate]}
            {one.fate === "NEW" && one.like !== "" && `, laid out as ${one.like} is`}
            {one.fate === "NEW" && one.like === "" && ", laid out anew"}
          </li>
        ))}
        {plan.links > 0 && (
          <li className="text-ochre">
            {plan.links === 1 ? "1 link that was open" : `${String(plan.links)} links that were open`} would show
            nothing any more.
          </li>
        )}
      </ul>
      {plan.corrections.length > 0 && (
        <section>
          <h3>Places that were given by hand</h3>
          <ul>
            {corrections.map((one) => (
              <li key={`${one.what} ${one.where}`}>
                {one.what}, on {one.where}: {CORRECTIONS[one.fate]} {one.to}
              </li>
            ))}
            {kept > 0 && <li className="text-faint">{kept === 1 ? "1 is" : `${String(kept)} are`} kept.</li>}
          </ul>
        </section>
      )}
      {plan.findings.length > 0 && (
        <section>
          <h3>To be looked at there</h3>
          <ul className="text-ochre">
            {plan.findings.map((one) => (
              <li key={`${one.scene} ${one.canvas} ${one.sentence}`}>
                {one.scene === "" ? "" : `${one.scene}, `}
                {named(one.canvas)}: {one.sentence}
              </li>
            ))}
          </ul>
        </section>
      )}
      {plan.scenes.map((one) => (
        <OneScene key={`${one.scene} ${one.canvas}`} line={one} canvas={named(one.canvas)} canvases={canvases} />
      ))}
    </div>
  );
}

function OneScene(props: { line: Plan["scenes"][number]; canvas: string; canvases: Canvas[] }) {
  const { line, canvas, canvases } = props;
  const { id, version } = useTheme();
  const picture = useQuery({
    queryKey: ["canvas-picture", id, version, line.scene, line.canvas, canvases],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{id}/move/canvases/picture", {
          params: { path: { id } },
          body: { canvases, scene: line.scene, canvas: line.canvas },
          parseAs: "blob",
        }),
      ),
    gcTime: 0,
    staleTime: Infinity,
  });
  const shown = useObjectUrl(picture.data as Blob | undefined);
  if (!picture.data && !picture.isPending) return <Trouble query={picture} />;
  return (
    <section className="flex gap-3 border-t border-rule pt-2" aria-label={`${line.name} on ${canvas}`}>
      <span className="w-60 shrink-0">
        {shown === "" ? (
          <span className="text-faint">Painting …</span>
        ) : (
          <img className="max-h-60 max-w-60 bg-surround" src={shown} alt={`${line.name} on ${canvas}`} />
        )}
      </span>
      <span className="min-w-0">
        <h3>
          {line.name}, {canvas}
        </h3>
        <Names title="Elsewhere" all={line.moves} />
        <Names title="Seen there only" all={line.comes} />
        <Names title="Not seen there" all={line.goes} />
      </span>
    </section>
  );
}

function Names({ title, all }: { title: string; all: string[] }) {
  if (all.length === 0) return null;
  return (
    <p>
      <b>{title}:</b> {all.join(", ")}
    </p>
  );
}
