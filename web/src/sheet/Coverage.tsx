import { Check, EyeOff, Plus } from "lucide-react";
import { Link } from "react-router";
import type { Edit, Piece, Scene, Schemas } from "../api/client";
import { asOne } from "../stage/useStageEdits";
import { useKind, useKinds } from "../theme/kinds";
import { inZone, useEdit, useTheme } from "../theme/useTheme";

/** Which piece is on which scene; one press puts it on another, one more on all. */
export function Coverage() {
  const { theme, id } = useTheme();
  const kindOf = useKinds();
  const pieces = theme.pieces.filter((piece) => !kindOf(piece.kind)?.apart);
  if (pieces.length === 0)
    return (
      <p className="text-faint">
        No pieces yet.{" "}
        <Link className="btn" to={`/themes/${id}/pieces`}>
          Choose pieces
        </Link>
      </p>
    );
  return (
    <table className="border-collapse" aria-label="Where pieces are">
      <thead>
        <tr className="text-left">
          <th className="pr-4">Piece</th>
          {theme.scenes.map((scene) => (
            <th key={scene.id} className="px-3 font-normal">
              {scene.name}
            </th>
          ))}
          <th />
        </tr>
      </thead>
      <tbody>
        {pieces.map((piece) => (
          <Row key={piece.id} piece={piece} />
        ))}
      </tbody>
    </table>
  );
}

function Row({ piece }: { piece: Piece }) {
  const { theme, id } = useTheme();
  const edit = useEdit();
  const placed = theme.scenes.map((scene) => scene.stack.find((one) => one.piece === piece.id));
  const like = placed.find((one) => one !== undefined);
  const kindOf = useKinds();
  const kind = useKind(piece.kind);
  const zone = kind?.zone ?? "FULL";
  const put = (scene: Scene): Edit => {
    const announcer = scene.stack.findIndex(
      (one) => kindOf(theme.pieces.find((p) => p.id === one.piece)?.kind)?.announces,
    );
    const top = announcer >= 0 && !kind?.announces ? announcer : scene.stack.length;
    const next: Schemas["Placed"] = like
      ? { ...like, group: "", locked: false, spot: like.spot.by === "attach" ? { by: "zone", zone } : like.spot }
      : inZone(piece.id, zone);
    return { edit: "place", scene: scene.id, index: kind?.ground ? 0 : top, placed: next };
  };
  // A screen has the words of one scene.
  const single = kind?.ground === true && kind.fields.length > 0;
  const missing = theme.scenes.filter((_, i) => placed[i] === undefined);
  const all = () => {
    const edits = asOne(missing.map(put));
    if (edits) void edit(edits);
  };
  return (
    <tr className="border-t border-rule">
      <th className="py-1 pr-4 text-left font-normal">{piece.name}</th>
      {theme.scenes.map((scene, i) => {
        const one = placed[i];
        return (
          <td key={scene.id} className="px-3 py-1 align-middle [&>*]:align-middle">
            {one ? (
              <Link
                to={`/themes/${id}/stage/${scene.id}/${theme.canvases[0]?.id ?? ""}?piece=${piece.id}`}
                className="inline-flex items-center gap-1"
                aria-label={`${piece.name} is on ${scene.name}`}
              >
                <Check size={15} className="text-kelp" />
                {one.hidden.length > 0 && (
                  <EyeOff size={13} className="text-faint" aria-label="hidden on some shapes" />
                )}
                {Object.keys(one.corrections).length + Object.keys(one.onCanvas).length > 0 && (
                  <span className="text-[11.5px] text-faint">by hand</span>
                )}
              </Link>
            ) : (
              <button
                className="text-faint hover:text-ink"
                aria-label={`Put ${piece.name} on ${scene.name}`}
                title={`Put it on ${scene.name}`}
                onClick={() => void edit(put(scene))}
              >
                <Plus size={15} />
              </button>
            )}
          </td>
        );
      })}
      <td className="py-1 pl-3">
        {missing.length > 1 && !single && (
          <button className="btn min-h-6" onClick={all}>
            On all scenes
          </button>
        )}
      </td>
    </tr>
  );
}
