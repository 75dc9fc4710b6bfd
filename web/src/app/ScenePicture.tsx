import { memo, useEffect, useRef } from "react";
import { live } from "../api/live";
import { useCalm } from "./useCalm";
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

/**
 * A scene painted live, scaled to the room that its parent gives; the same painter as in an outlet. It takes no pointer:
 * a part that is painted anew while a button is held down over it would swallow the click.
 */
export const ScenePicture = memo(function ScenePicture({
  theme,
  scene,
  canvas,
  width,
  height,
  moving = false,
  source = "DRAFT",
}: Props) {
  const { frame, scale } = useWidthScale(width);
  const host = useRef<HTMLDivElement>(null);
  const calm = useCalm();

  useEffect(() => {
    if (!host.current) return;
    return live.follow(host.current, { theme, scene, canvas, source }, moving && !calm, () => undefined);
  }, [theme, scene, canvas, source, moving, calm]);

  return (
    <div
      ref={frame}
      className="pointer-events-none relative w-full overflow-hidden"
      style={{ aspectRatio: `${String(width)} / ${String(height)}` }}
    >
      <div
        ref={host}
        className="absolute left-0 top-0 origin-top-left"
        style={{ transform: `scale(${String(scale)})` }}
      />
    </div>
  );
});
