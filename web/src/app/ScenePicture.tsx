import { memo, useEffect, useLayoutEffect, useRef } from "react";
import type { Box } from "../api/client";
import { live, type Followed } from "../api/live";
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
  /** Pieces that somebody moves: they stand there at once, and their picture follows. */
  held?: { piece: string; box: Box }[];
}

const NOTHING: { piece: string; box: Box }[] = [];

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
  held = NOTHING,
}: Props) {
  const { frame, scale } = useWidthScale(width);
  const host = useRef<HTMLDivElement>(null);
  const calm = useCalm();
  const picture = useRef<Followed>(undefined);

  useEffect(() => {
    if (!host.current) return;
    const followed = live.follow(host.current, { theme, scene, canvas, source }, moving && !calm, () => undefined);
    picture.current = followed;
    return followed.stop;
  }, [theme, scene, canvas, source, moving, calm]);
  useEffect(() => {
    if (arrivals > 0) picture.current?.arrive();
  }, [arrivals]);
  useLayoutEffect(() => picture.current?.hold(new Map(held.map(({ piece, box }) => [piece, box]))), [held]);

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
