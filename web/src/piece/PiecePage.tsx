import { useQuery } from "@tanstack/react-query";
import { ArrowLeft, Play } from "lucide-react";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { answer, api, type Piece } from "../api/client";
import { useCalm } from "../app/useCalm";
import { useDraftText } from "../app/useDraftText";
import { Footage, FootageChoice, type FootageName } from "../footage/Footage";
import { PieceFields } from "../theme/PieceFields";
import { useEdit, usePieceName, useTheme } from "../theme/useTheme";
import { MotionCard } from "./MotionCard";
import { PieceStage } from "./PieceStage";
import { TakeOut } from "./TakeOut";
import { May } from "../theme/May";

/** One piece: tuned beside itself on chosen footage, and taken out as files. */
export function PiecePage() {
  const { theme, id } = useTheme();
  const wanted = useParams()["piece"];
  const piece = theme.pieces.find((one) => one.id === wanted);
  if (!piece) {
    return (
      <div className="p-4">
        <p>This piece is no longer in the theme.</p>
        <Link className="btn mt-2" to={`/themes/${id}/pieces`}>
          <ArrowLeft size={14} />
          All pieces
        </Link>
      </div>
    );
  }
  return <Workbench key={piece.id} piece={piece} />;
}

function Workbench({ piece }: { piece: Piece }) {
  const { theme, id } = useTheme();
  const scenes = theme.scenes.filter((scene) => scene.stack.some((placed) => placed.piece === piece.id));
  const [canvas, setCanvas] = useState(theme.canvases[0]?.id ?? "");
  const [scene, setScene] = useState("");
  const [footage, setFootage] = useState<FootageName>("dusk");
  const calm = useCalm();
  const [moving, setMoving] = useState(!calm);
  const query = { canvas, scene };
  const shown = usePieceName(piece, canvas, scene);
  const preview = useQuery({
    queryKey: ["preview", id, piece.id, canvas, scene, shown],
    queryFn: () =>
      answer(
        api.GET("/api/themes/{theme}/pieces/{piece}/preview", {
          params: { path: { theme: id, piece: piece.id }, query },
        }),
      ),
    placeholderData: (old) => old,
  });
  // What fills its canvas is shown in the shape of the canvas; smaller pieces get room around them.
  const data = preview.data;
  const fills = data && data.part.width === data.picture.width && data.part.height === data.picture.height;
  const shape = fills ? { aspectRatio: `${String(data.part.width)} / ${String(data.part.height)}` } : { width: "100%" };
  return (
    <div className="grid min-h-full grid-cols-[minmax(0,1fr)_320px]">
      <div className="flex min-w-0 flex-col gap-3 p-4">
        <div className="flex items-center gap-3">
          <Link className="btn px-1.5" aria-label="All pieces" to={`/themes/${id}/pieces`}>
            <ArrowLeft size={14} />
          </Link>
          <May>
            <Name piece={piece} />
          </May>
          <span className="ml-auto hidden text-faint xl:inline">
            How does it look by itself, and what does it cost?
          </span>
          {scenes.length > 1 && (
            <select aria-label="Scene" className="field" value={scene} onChange={(e) => setScene(e.target.value)}>
              <option value="">{`as on ${scenes[0]?.name ?? ""}`}</option>
              {scenes.slice(1).map((s) => (
                <option key={s.id} value={s.id}>{`as on ${s.name}`}</option>
              ))}
            </select>
          )}
          <select aria-label="Canvas" className="field" value={canvas} onChange={(e) => setCanvas(e.target.value)}>
            {theme.canvases.map((c) => (
              <option key={c.id} value={c.id}>{`${c.name} ${String(c.size.width)}×${String(c.size.height)}`}</option>
            ))}
          </select>
        </div>
        <div
          className="relative mx-auto max-w-full overflow-hidden bg-surround"
          style={{ height: "min(46vh, 430px)", ...shape }}
          aria-label={`${piece.name} on ${footage} footage`}
          role="img"
        >
          <div className="absolute inset-0">
            <Footage name={footage} />
          </div>
          {preview.data && <PieceStage preview={preview.data} moving={moving} />}
          {preview.isPending && <span className="absolute inset-0 m-auto size-fit bg-sheet px-1.5">Drawing …</span>}
          {preview.isError && (
            <span className="absolute inset-0 m-auto size-fit bg-sheet px-1.5">
              This did not come.{" "}
              <button className="underline" onClick={() => void preview.refetch()}>
                Try again
              </button>
            </span>
          )}
        </div>
        <div className="flex flex-wrap items-center gap-3">
          <FootageChoice value={footage} onChange={setFootage} />
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              className="accent-kelp"
              checked={moving}
              onChange={(e) => setMoving(e.target.checked)}
            />
            Let it move
          </label>
          {preview.data && preview.data.millis > 0 && (
            <button
              className="btn"
              onClick={() => {
                setMoving(true);
                void preview.refetch();
              }}
            >
              <Play size={14} />
              Play from the start
            </button>
          )}
        </div>
        <div className="grid grid-cols-2 gap-6">
          <MotionCard piece={piece} canvas={canvas} scene={scene} />
          <TakeOut piece={piece} canvas={canvas} scene={scene} />
        </div>
      </div>
      <aside className="overflow-y-auto border-l border-rule bg-sheet p-4" aria-label={`Tune ${piece.name}`}>
        <May>
          <PieceFields piece={piece} />
        </May>
      </aside>
    </div>
  );
}

function Name({ piece }: { piece: Piece }) {
  const edit = useEdit();
  const draft = useDraftText(piece.name, (name) => edit({ edit: "renamePiece", piece: piece.id, name }));
  return <input aria-label="Name" className="field font-head text-lg font-bold" maxLength={80} {...draft} />;
}
