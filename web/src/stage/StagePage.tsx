import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import type { Canvas, Layout, Scene } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { FindingList } from "../theme/SheetPage";
import { PieceFields } from "../theme/PieceFields";
import { useLayouts, useTheme } from "../theme/useTheme";
import { FitCard } from "./FitCard";
import { Hatch } from "./Hatch";
import { PlaceCard } from "./PlaceCard";
import { Stack } from "./Stack";
import { StageView } from "./StageView";

/** One scene on one canvas, large, with the others live beside it. */
export function StagePage() {
  const { theme, id } = useTheme();
  const params = useParams();
  const navigate = useNavigate();
  const layouts = useLayouts();
  const [query, setQuery] = useSearchParams();
  const selected = query.get("piece") ?? "";
  const setSelected = (piece: string) => setQuery(piece === "" ? {} : { piece }, { replace: true });
  const scene = theme.scenes.find((s) => s.id === params["scene"]);
  const canvas = theme.canvases.find((c) => c.id === params["canvas"]);
  if (!scene || !canvas) {
    return <div className="p-6"><h1 className="mb-2">This scene is no longer there</h1><Link className="btn" to={`/themes/${id}/sheet`}>To the Sheet</Link></div>;
  }
  const layout = layouts.data?.find((l) => l.scene === scene.id && l.canvas === canvas.id);
  const piece = theme.pieces.find((p) => p.id === selected);
  const view = layout?.pieces.find((p) => p.id === selected);
  const open = (s: string, c: string) => void navigate(`/themes/${id}/stage/${s}/${c}${s === scene.id && selected !== "" ? `?piece=${selected}` : ""}`);
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_264px]">
      <div className="flex min-w-0 flex-col">
        <div className="flex items-center gap-2 border-b border-rule px-3 py-1.5">
          <label>Scene <select className="field" value={scene.id} onChange={(e) => open(e.target.value, canvas.id)}>{theme.scenes.map((s) => <option key={s.id} value={s.id}>{s.name}</option>)}</select></label>
          <label>Canvas <select className="field" value={canvas.id} onChange={(e) => open(scene.id, e.target.value)}>{theme.canvases.map((c) => <option key={c.id} value={c.id}>{c.name} {c.size.width} × {c.size.height}</option>)}</select></label>
          <span className="ml-auto text-faint">Arrows move by 1 px, with Shift by 10; with Alt they size</span>
        </div>
        {layout ? <StageView scene={scene} canvas={canvas} layout={layout} selected={selected} select={setSelected} /> : <p className="p-4 text-faint">Measuring …</p>}
        <Others scene={scene} current={canvas} canvases={theme.canvases} layouts={layouts.data ?? []} open={(c) => open(scene.id, c)} />
      </div>
      <aside className="overflow-auto border-l border-rule bg-sheet p-3">
        {piece && view && layout ? (
          <>
            <h2 className="mb-2">{piece.name}</h2>
            <PlaceCard scene={scene} layout={layout} view={view} />
            <FitCard layout={layout} piece={piece.id} />
            <h3 className="mb-1 mt-4">What it shows</h3>
            <PieceFields piece={piece} />
          </>
        ) : <p className="text-faint">Select a piece by clicking it, in the stack below, or with Tab on the stage.</p>}
        <Stack scene={scene} layout={layout} selected={selected} select={setSelected} />
        <div className="mt-4"><FindingList findings={layout?.findings ?? []} ready={layouts.isSuccess} /></div>
      </aside>
    </div>
  );
}

function Others({ scene, current, canvases, layouts, open }: { scene: Scene; current: Canvas; canvases: Canvas[]; layouts: Layout[]; open: (canvas: string) => void }) {
  const { id } = useTheme();
  const others = canvases.filter((c) => c.id !== current.id);
  if (others.length === 0) return null;
  return (
    <div className="flex h-40 shrink-0 items-end gap-4 border-t border-rule px-3 py-2">
      {others.map((canvas) => {
        const layout = layouts.find((l) => l.scene === scene.id && l.canvas === canvas.id);
        return (
          <button key={canvas.id} className="text-left" onClick={() => open(canvas.id)} aria-label={`Open ${canvas.name}`}>
            <div className="weave relative" style={{ width: (118 * canvas.size.width) / canvas.size.height }}>
              {layout && <Hatch layout={layout} />}
              <ScenePicture theme={id} scene={scene.id} canvas={canvas.id} width={canvas.size.width} height={canvas.size.height} />
            </div>
            <span className="text-faint">{canvas.name}</span>
          </button>
        );
      })}
    </div>
  );
}
