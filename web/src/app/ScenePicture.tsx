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
  /** Whenever this is another number, the scene comes on once more. */
  arrivals?: number;
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
  arrivals = 0,
}: Props) {
  const { frame, scale } = useWidthScale(width);
  const host = useRef<HTMLDivElement>(null);
  const calm = useCalm();
  const arrive = useRef<() => void>(undefined);

  useEffect(() => {
    if (!host.current) return;
    const picture = live.follow(host.current, { theme, scene, canvas, source }, moving && !calm, () => undefined);
    arrive.current = picture.arrive;
    return picture.stop;
  }, [theme, scene, canvas, source, moving, calm]);
  useEffect(() => {
    if (arrivals > 0) arrive.current?.();
  }, [arrivals]);

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
