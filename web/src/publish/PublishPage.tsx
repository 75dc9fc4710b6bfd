import { useState } from "react";
import { Link } from "react-router";
import { api, soon } from "../api/client";
import { Trouble } from "../app/Trouble";
import { HeardIn } from "../alerts/HeardIn";
import { useMay } from "../theme/May";
import { useAir, usePutOnAir } from "../theme/usePutOnAir";
import { useTheme } from "../theme/useTheme";
import { ReleasesPart } from "./ReleasesPart";
import { SheetPart } from "./SheetPart";
import { TakeOutPart } from "./TakeOutPart";
import { SourceFindings } from "./SourceFindings";
import { SourceTable } from "./SourceTable";
import { useLedger, type Ledger } from "./useLedger";

type View = "sources" | "sheet" | "releases" | "files";
const VIEWS: [View, string][] = [
  ["sources", "Sources now"],
  ["sheet", "Source sheet"],
  ["releases", "Releases"],
  ["files", "Files"],
];

/** Whether every source is right, and what is to be typed so that it is. */
export function PublishPage() {
  const theme = useTheme();
  const ledger = useLedger(theme.id);
  const [view, setView] = useState<View>("sources");
  const [wanted, setCanvas] = useState("");
  const canvases = canvasesOf(ledger.data);
  const canvas = canvases.find((one) => one.id === wanted) ?? canvases[0];
  return (
    <div className="p-4">
      <div className="mb-3 flex flex-wrap items-center gap-3 print:hidden">
        <h1>Publish</h1>
        <TakeBack earlier={ledger.data?.earlier ?? 0} />
        {theme.onAir > 0 && (
          <div className="flex gap-1" role="group" aria-label="View">
            {VIEWS.map(([one, title]) => (
              <button
                key={one}
                className={`btn ${view === one ? "border-kelp bg-kelp-soft" : ""}`}
                aria-pressed={view === one}
                onClick={() => setView(one)}
              >
                {title}
              </button>
            ))}
          </div>
        )}
        <div className="ml-auto flex items-center gap-1" role="group" aria-label="Canvas">
          {canvases.map((one) => (
            <button
              key={one.id}
              className={`btn ${one === canvas ? "border-kelp bg-kelp-soft" : ""}`}
              aria-pressed={one === canvas}
              onClick={() => setCanvas(one.id)}
            >
              {one.name} {one.width} × {one.height}
            </button>
          ))}
        </div>
      </div>
      <Trouble query={ledger} />
      {theme.onAir === 0 && <NothingOnAir />}
      {ledger.data && theme.onAir > 0 && canvas && view === "sources" && (
        <>
          <Hidden ledger={ledger.data} />
          <SourceFindings ledger={ledger.data} />
          <HeardIn
            sources={ledger.data.rows
              .filter((row) => row.advice.sound && row.state !== "WITHDRAWN")
              .map((row) => ({ id: row.outlet, name: `${row.sceneName}, ${row.canvasName}, ${row.title}` }))}
          />
          <SourceTable rows={ledger.data.rows.filter((row) => row.canvas === canvas.id)} canvas={canvas.id} />
        </>
      )}
      {theme.onAir > 0 && canvas && view === "sheet" && <SheetPart canvas={canvas.id} />}
      {theme.onAir > 0 && canvas && view === "releases" && <ReleasesPart canvas={canvas.id} />}
      {theme.onAir > 0 && canvas && view === "files" && <TakeOutPart canvas={canvas.id} />}
    </div>
  );
}

interface OnAirCanvas {
  id: string;
  name: string;
  width: number;
  height: number;
}

/** Those that are on air, in their order. */
function canvasesOf(ledger: Ledger | undefined): OnAirCanvas[] {
  const all = new Map<string, OnAirCanvas>();
  ledger?.rows.forEach((row) => {
    if (row.part === "WHOLE" && !all.has(row.canvas))
      all.set(row.canvas, { id: row.canvas, name: row.canvasName, width: row.width, height: row.height });
  });
  return [...all.values()];
}

function NothingOnAir() {
  const theme = useTheme();
  const air = usePutOnAir(theme);
  const may = useMay("OPERATOR");
  return (
    <p className="mb-3 border border-dashed border-rule p-4">
      Nothing is on air yet.{" "}
      {may ? (
        <>
          Then every source has a link that stays the same through all later edits.{" "}
          {air.hindrance ? (
            <Link className="btn" to={`/themes/${theme.id}/sheet`}>
              Add the first scene
            </Link>
          ) : (
            <button className="btn btn-live" disabled={air.busy} onClick={air.put}>
              Put it on air
            </button>
          )}
        </>
      ) : (
        "Operators, designers and owners put it on air."
      )}
    </p>
  );
}

function Hidden({ ledger }: { ledger: Ledger }) {
  const hidden = new Set(
    ledger.rows.flatMap((row) => row.hidden.map((why) => `${row.sceneName}, ${row.canvasName}: ${why}`)),
  );
  if (hidden.size === 0) return null;
  return (
    <section
      className="mb-3 border-l-4 border-ochre bg-ochre-soft px-3 py-2"
      aria-label="Pieces that viewers do not see"
    >
      {[...hidden].map((why) => (
        <p key={why}>{why}</p>
      ))}
    </section>
  );
}

/** @param earlier what was on air before the present release; 0 when there is none */
function TakeBack({ earlier }: { earlier: number }) {
  const may = useMay("OPERATOR");
  const { id } = useTheme();
  const back = useAir(id, () => api.POST("/api/themes/{id}/on-air/back", { params: { path: { id } }, signal: soon() }));
  if (earlier === 0 || !may) return null;
  return (
    <button className="btn" disabled={back.isPending} onClick={() => back.mutate()}>
      Back to release {earlier}
    </button>
  );
}
