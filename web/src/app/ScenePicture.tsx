import { useEffect, useRef } from "react";
import { live } from "../api/live";
import { useWidthScale } from "./useWidthScale";

interface Props {
  theme: string;
  scene: string;
  canvas: string;
  width: number;
  height: number;
  moving?: boolean;
  source?: "DRAFT" | "RELEASE";
}

/** A scene painted live, scaled to the room that its parent gives; the same painter as in an outlet. */
export function ScenePicture({ theme, scene, canvas, width, height, moving = false, source = "DRAFT" }: Props) {
  const { frame, scale } = useWidthScale(width);
  const host = useRef<HTMLDivElement>(null);

  useEffect(() => {
    if (!host.current) return;
    return live.follow(host.current, { theme, scene, canvas, source }, moving, () => undefined);
  }, [theme, scene, canvas, source, moving]);

  return (
    <div ref={frame} className="relative w-full overflow-hidden" style={{ aspectRatio: `${String(width)} / ${String(height)}` }}>
      <div ref={host} className="absolute left-0 top-0 origin-top-left" style={{ transform: `scale(${String(scale)})` }} />
    </div>
  );
}
