import { Download } from "lucide-react";
import { useState } from "react";
import { useTheme } from "../theme/useTheme";

const SORTS = [
  ["HTML", "HTML pages, which move and run their clocks"],
  ["PNG", "PNG of scenes, parts and pieces"],
  ["SVG", "SVG of the same"],
  ["MASK", "masks of captures"],
] as const;

/** Scenes as files that need no server. */
export function TakeOutPart({ canvas }: { canvas: string }) {
  const { id, theme, onAir } = useTheme();
  const [sorts, setSorts] = useState<string[]>(["HTML"]);
  const [everywhere, setEverywhere] = useState(false);
  const at = `/api/themes/${id}/files`;
  const query = new URLSearchParams({ sorts: sorts.join(",") });
  if (!everywhere) query.set("canvas", canvas);
  return (
    <div className="max-w-[720px]">
      <p className="mb-3">
        One HTML file for each scene works from disk, without this server and without a network: picture, fonts, motion,
        clocks and particles. What is live stands as it is at this moment.{" "}
        {onAir === 0
          ? "Nothing is on air yet, so the files show the draft."
          : "The files show what is on air, not the draft."}
      </p>
      <ul className="ruled mb-4 border-y border-rule" aria-label="One scene as a file">
        {theme.scenes.map((scene) => (
          <li key={scene.id} className="flex items-center gap-3 py-1">
            <span className="w-40 font-head font-bold">{scene.name}</span>
            <a
              className="btn"
              title="To be put into another theme"
              href={`/api/themes/${id}/package.zip?extent=SCENE&of=${encodeURIComponent(scene.id)}`}
              download
            >
              <Download size={14} />
              Package
            </a>
            <a
              className="btn"
              href={`${at}/scenes/${encodeURIComponent(scene.id)}/canvases/${encodeURIComponent(canvas)}/page.html`}
              download
            >
              <Download size={14} />
              HTML
            </a>
          </li>
        ))}
      </ul>
      <Packages at={`/api/themes/${id}/package.zip`} />
      <fieldset>
        <legend className="mb-1 font-head font-bold">All of it in a zip</legend>
        {SORTS.map(([sort, title]) => (
          <label key={sort} className="flex items-center gap-1.5 py-0.5">
            <input
              type="checkbox"
              className="accent-kelp"
              checked={sorts.includes(sort)}
              onChange={(event) =>
                setSorts(event.target.checked ? [...sorts, sort] : sorts.filter((one) => one !== sort))
              }
            />
            {title}
          </label>
        ))}
        <label className="flex items-center gap-1.5 py-0.5">
          <input
            type="checkbox"
            className="accent-kelp"
            checked={everywhere}
            onChange={(event) => setEverywhere(event.target.checked)}
          />
          for all canvases
        </label>
        {sorts.length > 0 && (
          <a className="btn btn-main mt-2" href={`${at}/all.zip?${query.toString()}`} download>
            <Download size={14} />
            Take the zip
          </a>
        )}
      </fieldset>
    </div>
  );
}

/** The theme, or a part of it, for somebody else's shelf. */
function Packages({ at }: { at: string }) {
  const { theme } = useTheme();
  const [piece, setPiece] = useState("");
  const chosen = theme.pieces.find((one) => one.id === piece) ?? theme.pieces[0];
  return (
    <section className="mb-4" aria-labelledby="packages">
      <h3 id="packages">As a package, to be brought in on another shelf</h3>
      <p className="mb-1.5 text-faint">
        With pictures, sounds, fonts that may go along, tables, commands, previews and credits.
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <a className="btn btn-main" href={at} download>
          <Download size={14} />
          The whole theme
        </a>
        <a className="btn" href={`${at}?extent=BRAND`} download>
          <Download size={14} />
          The brand
        </a>
        {theme.alerts.length > 0 && (
          <a className="btn" href={`${at}?extent=ALERTS`} download>
            <Download size={14} />
            The alert rules
          </a>
        )}
        {chosen && (
          <span className="flex items-center gap-1.5">
            <select
              className="field"
              aria-label="Piece to take out as a package"
              value={chosen.id}
              onChange={(event) => setPiece(event.target.value)}
            >
              {theme.pieces.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
            <a className="btn" href={`${at}?extent=PIECE&of=${encodeURIComponent(chosen.id)}`} download>
              <Download size={14} />
              This piece
            </a>
          </span>
        )}
      </div>
    </section>
  );
}
