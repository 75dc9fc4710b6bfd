import { Download } from "lucide-react";
import { useState } from "react";
import type { Piece } from "../api/client";
import { useKind } from "../theme/kinds";
import { useLimits } from "../theme/titles";
import { useTheme } from "../theme/useTheme";
import { May } from "../theme/May";
import { FilmMaker } from "./FilmMaker";
import { useMotion } from "./useMotion";

interface Props {
  piece: Piece;
  canvas: string;
  scene: string;
}

/** A piece as files: PNG at any size, SVG, the capture's mask, a clip. */
export function TakeOut({ piece, canvas, scene }: Props) {
  const { id } = useTheme();
  const motion = useMotion(piece, canvas, scene);
  const kind = useKind(piece.kind);
  const widest = useLimits()?.widest ?? 0;
  const [width, setWidth] = useState("");
  const wide = width.trim() === "" ? 0 : Number(width);
  const wrong = !Number.isInteger(wide) || wide < 0 || wide > widest;
  const base = `/api/themes/${id}/pieces/${piece.id}`;
  const query = (more: Record<string, string> = {}) => new URLSearchParams({ canvas, scene, ...more }).toString();
  const png = query(wrong || wide === 0 ? {} : { width: String(wide) });
  return (
    <section aria-labelledby="take-out">
      <h2 id="take-out" className="mb-1">
        Export
      </h2>
      <label className="mb-2 flex items-center gap-2">
        <span className="text-faint">Width in pixels</span>
        <input
          className="field w-24"
          inputMode="numeric"
          placeholder={motion.data ? String(motion.data.width) : "own"}
          value={width}
          onChange={(e) => setWidth(e.target.value)}
          aria-invalid={wrong}
        />
        {wrong && <span className="text-ochre">1 to {widest}, or empty for its own</span>}
      </label>
      <div className="flex flex-wrap gap-2">
        {kind?.pictures && <Save href={`${base}/pictures.zip?${png}`}>All headings, PNG in a zip</Save>}
        <Save href={`${base}/picture.png?${png}`}>PNG</Save>
        <Save href={`${base}/picture.svg?${query()}`}>SVG</Save>
        {motion.data?.masks.map((capture, i) => (
          <Save
            key={capture + String(i)}
            href={`${base}/mask.png?${query({ opening: String(i) })}`}
          >{`Mask for ${capture}`}</Save>
        ))}
      </div>
      {motion.data && motion.data.masks.length > 0 && (
        <p className="mt-1 text-faint">
          A mask is as large as its capture and white where it shows; lay it over the capture when the opening has no
          straight corners.
        </p>
      )}
      {motion.data?.moves && (
        <May>
          <FilmMaker
            key={`${canvas}-${scene}`}
            piece={piece}
            canvas={canvas}
            scene={scene}
            width={wrong ? 0 : wide}
            seconds={motion.data.millis / 1000}
            webm={motion.data.webm}
          />
        </May>
      )}
    </section>
  );
}

export function Save({ href, children }: { href: string; children: string }) {
  return (
    <a className="btn" href={href} download>
      <Download size={14} />
      {children}
    </a>
  );
}
