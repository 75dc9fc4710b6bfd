import { Copy } from "lucide-react";
import type { Layout } from "../api/client";
import { useNotices } from "../app/notices";
import { useEdit, useTheme } from "../theme/useTheme";

/** Where the captures behind the selected frame go, in the figures that broadcasting software asks for. */
export function FitCard({ layout, piece }: { layout: Layout; piece: string }) {
  const openings = layout.openings.filter((opening) => opening.piece === piece);
  if (openings.length === 0)
    return (
      <p className="text-faint">
        This piece has no opening. The figures for a capture stand here when a frame is selected.
      </p>
    );
  return openings.map((opening) => (
    <Fit key={opening.index} opening={opening} index={opening.index} canvas={layout.canvas} scene={layout.scene} />
  ));
}

/** Which capture shows through an opening. */
function CaptureChoice({ opening }: { opening: Layout["openings"][number] }) {
  const { theme } = useTheme();
  const edit = useEdit();
  const bound = theme.pieces.find((piece) => piece.id === opening.piece)?.captures ?? [];
  const choose = (capture: string) => {
    const captures = Array.from({ length: Math.max(bound.length, opening.index + 1) }, (_, i) =>
      i === opening.index ? capture : (bound[i] ?? theme.captures[0]?.id ?? ""),
    );
    void edit({ edit: "setPieceCaptures", piece: opening.piece, captures });
  };
  return (
    <label className="mb-1 flex items-center gap-2">
      <span className="text-faint">Behind it</span>
      <select className="field min-w-0 flex-1" value={opening.capture} onChange={(event) => choose(event.target.value)}>
        {theme.captures.map((capture) => (
          <option key={capture.id} value={capture.id}>
            {capture.name}
          </option>
        ))}
      </select>
    </label>
  );
}

function Fit({
  opening,
  index,
  canvas,
  scene,
}: {
  opening: Layout["openings"][number];
  index: number;
  canvas: string;
  scene: string;
}) {
  const { id } = useTheme();
  const say = useNotices((state) => state.say);
  const { fit } = opening;
  const mask = `/api/themes/${id}/pieces/${opening.piece}/mask.png?${new URLSearchParams({ canvas, scene, opening: String(index) }).toString()}`;
  const rows: [string, string][] = [
    ["Opening", `${px(opening.box.width)} × ${px(opening.box.height)}`],
    ["Opening at", `${px(opening.box.x)}, ${px(opening.box.y)}`],
    ["Position", `${px(fit.x)}, ${px(fit.y)}`],
    ["Scale", `${(fit.scale * 100).toFixed(2)} %`],
    ["Crop left, right", `${px(fit.crop.left)}, ${px(fit.crop.right)} px`],
    ["Crop top, bottom", `${px(fit.crop.top)}, ${px(fit.crop.bottom)} px`],
    ["Gap", `${px(fit.gap)} px`],
    ["Picture shown", `${(fit.shownShare * 100).toFixed(0)} %`],
    ...(opening.turn === 0
      ? []
      : [["Turned by", `${px(opening.turn)}° about ${px(opening.pivotX)}, ${px(opening.pivotY)}`] as [string, string]]),
  ];
  const copy = () =>
    void navigator.clipboard.writeText(rows.map(([name, value]) => `${name}: ${value}`).join("\n")).then(
      () => say("Copied."),
      () => say("The browser does not allow copying here.", true),
    );
  return (
    <section aria-label={`Fit of ${opening.captureName}`} className="mb-3" data-testid="fit">
      <CaptureChoice opening={opening} />
      <div className="mb-1 flex items-center justify-between">
        <h3>
          Fit of {opening.captureName}, {opening.sourceWidth} × {opening.sourceHeight}
        </h3>
        <button className="btn px-1.5" onClick={copy} aria-label="Copy these figures">
          <Copy size={13} />
        </button>
      </div>
      <dl className="grid grid-cols-[110px_1fr]">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-faint">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      {opening.enlarged && (
        <p className="mt-1 text-ochre">
          Enlarged past its own pixels, so it looks soft. A larger camera picture or a smaller frame helps.
        </p>
      )}
      {opening.masked && (
        <p className="mt-1 text-ochre">
          Its corners stick out around the opening.{" "}
          <a className="underline" href={mask} download>
            Take its mask
          </a>{" "}
          and lay it over the capture.
        </p>
      )}
    </section>
  );
}

function px(value: number): string {
  return String(Math.round(value * 100) / 100);
}
