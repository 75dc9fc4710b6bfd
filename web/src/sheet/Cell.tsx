import { AlertTriangle, Check, Info } from "lucide-react";
import { Link } from "react-router";
import type { Canvas, Finding, Layout, Scene } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { usePointed } from "../app/usePointed";
import { useSeen } from "../app/useSeen";
import type { FootageName } from "../footage/Footage";
import { Backing } from "../stage/Backing";
import { useThemeId } from "../theme/useTheme";
import { wrong } from "./weights";

interface Props {
  scene: Scene;
  canvas: Canvas;
  layout: Layout | undefined;
  findings: Finding[];
  /** Whether all that is looked for was looked for. */
  known: boolean;
  zoom: number;
  footage: FootageName | "hatch";
}

const WIDE = 300;
const UPRIGHT = 124;
const SQUARE = 180;

/** One scene on one canvas, as it is; pictures out of sight are not followed. */
export function Cell({ scene, canvas, layout, findings, known, zoom, footage }: Props) {
  const theme = useThemeId();
  const { pointed, listeners } = usePointed();
  const { element, seen } = useSeen<HTMLAnchorElement>();
  const aspect = canvas.size.width / canvas.size.height;
  const width = (aspect > 1.2 ? WIDE : aspect < 1 / 1.2 ? UPRIGHT : SQUARE) * zoom;
  const bad = wrong(findings).length;
  const notes = findings.length - bad;
  return (
    <Link
      ref={element}
      to={`/themes/${theme}/stage/${scene.id}/${canvas.id}`}
      className="block"
      style={{ width }}
      aria-label={`${scene.name} on ${canvas.name}, ${known || bad > 0 ? `${String(bad)} findings` : "still looking"}`}
      {...listeners}
    >
      <div
        className="weave relative overflow-hidden outline-1 outline-rule hover:outline-2 hover:outline-ink"
        style={{ outlineStyle: "solid", aspectRatio: String(aspect) }}
      >
        {seen && layout && <Backing layout={layout} footage={footage} />}
        {seen && (
          <ScenePicture
            theme={theme}
            scene={scene.id}
            canvas={canvas.id}
            width={canvas.size.width}
            height={canvas.size.height}
            moving={pointed}
          />
        )}
      </div>
      <span className={`mt-1 flex items-center gap-1 ${bad > 0 ? "text-ochre" : "text-faint"}`}>
        {bad > 0 ? (
          <>
            <AlertTriangle size={13} />
            {bad}
          </>
        ) : layout && known ? (
          <>
            <Check size={13} />
            fits
          </>
        ) : (
          "…"
        )}
        {notes > 0 && (
          <span className="ml-1 flex items-center gap-1 text-faint">
            <Info size={12} />
            {notes}
          </span>
        )}
      </span>
    </Link>
  );
}
