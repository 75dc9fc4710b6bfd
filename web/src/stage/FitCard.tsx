import { Copy } from "lucide-react";
import type { Layout } from "../api/client";
import { useNotices } from "../app/notices";

/** Where the capture behind the selected frame goes, in the figures that broadcasting software asks for. */
export function FitCard({ layout, piece }: { layout: Layout; piece: string }) {
  const say = useNotices((state) => state.say);
  const opening = layout.openings.find((o) => o.piece === piece);
  if (!opening) return null;
  const { fit } = opening;
  const rows: [string, string][] = [
    ["Opening", `${px(opening.box.width)} × ${px(opening.box.height)}`],
    ["Opening at", `${px(opening.box.x)}, ${px(opening.box.y)}`],
    ["Position", `${px(fit.x)}, ${px(fit.y)}`],
    ["Scale", `${(fit.scale * 100).toFixed(2)} %`],
    ["Crop left, right", `${px(fit.crop.left)}, ${px(fit.crop.right)} px`],
    ["Crop top, bottom", `${px(fit.crop.top)}, ${px(fit.crop.bottom)} px`],
    ["Gap", `${px(fit.gap)} px`],
    ["Picture shown", `${(fit.shownShare * 100).toFixed(0)} %`],
  ];
  const copy = () => void navigator.clipboard.writeText(rows.map(([name, value]) => `${name}: ${value}`).join("\n")).then(() => say("Copied."), () => say("The browser does not allow copying here.", true));
  return (
    <section aria-labelledby="fit" className="mt-3 border-y border-rule py-2" data-testid="fit">
      <div className="mb-1 flex items-center justify-between">
        <h3 id="fit">Fit of {opening.captureName}, {opening.sourceWidth} × {opening.sourceHeight}</h3>
        <button className="btn px-1.5" onClick={copy} aria-label="Copy these figures"><Copy size={13} /></button>
      </div>
      <dl className="grid grid-cols-[110px_1fr]">
        {rows.map(([name, value]) => <div key={name} className="contents"><dt className="text-faint">{name}</dt><dd>{value}</dd></div>)}
      </dl>
      {opening.enlarged && <p className="mt-1 text-ochre">Enlarged past its own pixels, so it looks soft. A larger camera picture or a smaller frame helps.</p>}
    </section>
  );
}

function px(value: number): string {
  return String(Math.round(value * 100) / 100);
}
