import { AlertTriangle, Check } from "lucide-react";
import type { Piece } from "../api/client";
import { useKind } from "../theme/kinds";
import { useMotion } from "./useMotion";
import { Trouble } from "../app/Trouble";

interface Props {
  piece: Piece;
  canvas: string;
  scene: string;
}

/** What its motion covers, costs and risks, in figures. */
export function MotionCard({ piece, canvas, scene }: Props) {
  const motion = useMotion(piece, canvas, scene);
  const data = motion.data;
  const kind = useKind(piece.kind);
  return (
    <section aria-labelledby="motion">
      <h2 id="motion" className="mb-1">
        Motion
      </h2>
      {motion.isPending && <p className="text-faint">Watching every frame …</p>}
      <Trouble query={motion} />
      {data && !data.moves && <p className="text-faint">It stands still: painted once, then it costs nothing.</p>}
      {data?.moves && (
        <dl className="ruled [&>div]:flex [&>div]:justify-between [&>div]:gap-3 [&>div]:py-1 [&_dd]:text-right">
          <div>
            <dt className="text-faint">Lasts</dt>
            <dd>{(data.millis / 1000).toFixed(1)} s</dd>
          </div>
          <div>
            <dt className="text-faint">Repainted each frame</dt>
            <dd>{percent(data.changed)} of the canvas</dd>
          </div>
          <div>
            <dt className="text-faint">At 60 frames a second</dt>
            <dd>{(data.pixelsASecond / 1e6).toFixed(1)} million pixels a second; still: none</dd>
          </div>
          <div>
            <dt className="text-faint">Most flashes in a second</dt>
            <dd className={`flex items-center gap-1 ${data.tooManyFlashes ? "text-ochre" : ""}`}>
              {data.tooManyFlashes ? <AlertTriangle size={13} /> : <Check size={13} className="text-kelp" />}
              {data.flashes}
              {data.tooManyFlashes ? ": more than 3 can cause seizures" : ", of 3 allowed (WCAG 2.3.1)"}
            </dd>
          </div>
        </dl>
      )}
      {kind?.clip && data && <Cover cover={data.cover} />}
    </section>
  );
}

function Cover({
  cover,
}: {
  cover: { first: number; last: number; cut: number; frame30: number; frame60: number } | null;
}) {
  if (!cover)
    return (
      <p className="mt-2 flex items-center gap-1 text-ochre">
        <AlertTriangle size={13} />
        It never covers the whole canvas: the change of scene would be seen.
      </p>
    );
  return (
    <div className="mt-2 border-l-4 border-kelp bg-kelp-soft p-2">
      <p>
        Change scenes at <strong>{cover.cut} ms</strong>: frame <strong>{cover.frame60}</strong> at 60 a second,{" "}
        <strong>{cover.frame30}</strong> at 30.
      </p>
      <p className="text-faint">
        No pixel of the canvas is transparent from {Math.ceil(cover.first)} to {Math.floor(cover.last)} ms. Type this
        number as the transition point.
      </p>
    </div>
  );
}

function percent(share: number): string {
  return share > 0 && share < 0.001 ? "under 0.1 %" : `${(share * 100).toFixed(1)} %`;
}
