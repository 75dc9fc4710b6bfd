import { ArrowDown, ArrowUp, X } from "lucide-react";
import { Fragment } from "react";
import type { Layout, Scene } from "../api/client";
import { useEdit, useTheme } from "../theme/useTheme";

/** The order from front to back, with the captures as its dividing line. */
export function Stack({ scene, layout, selected, select }: { scene: Scene; layout: Layout | undefined; selected: string; select: (piece: string) => void }) {
  const { theme } = useTheme();
  const edit = useEdit();
  const behind = layout?.behind ?? 0;
  const captures = layout?.openings.map((o) => o.captureName).join(", ") ?? "";
  const front = [...scene.stack].reverse();
  return (
    <section aria-labelledby="stack" className="mt-4">
      <h2 id="stack" className="mb-1">Stack, front to back</h2>
      <ol>
        {front.map((placed, i) => {
          const index = scene.stack.length - 1 - i;
          const piece = theme.pieces.find((p) => p.id === placed.piece);
          return (
            <Fragment key={placed.piece}>
              <li className={`flex items-center gap-1 border-l-4 pl-2 ${placed.piece === selected ? "border-kelp bg-kelp-soft" : "border-transparent"}`}>
                <button className="min-w-0 flex-1 truncate py-0.5 text-left" onClick={() => select(placed.piece)}>{piece?.name}</button>
                <button className="p-0.5 text-faint" aria-label={`${piece?.name ?? ""} forward`} onClick={() => void edit({ edit: "reorder", scene: scene.id, piece: placed.piece, index: index + 1 })}><ArrowUp size={13} /></button>
                <button className="p-0.5 text-faint" aria-label={`${piece?.name ?? ""} backward`} onClick={() => void edit({ edit: "reorder", scene: scene.id, piece: placed.piece, index: Math.max(0, index - 1) })}><ArrowDown size={13} /></button>
                <button className="p-0.5 text-faint" aria-label={`Take ${piece?.name ?? ""} off this scene`} onClick={() => void edit({ edit: "takeOff", scene: scene.id, piece: placed.piece })}><X size={13} /></button>
              </li>
              {captures !== "" && index === behind && <li className="my-1 border-y border-dashed border-ink px-2 text-[12px]">captures: {captures}</li>}
            </Fragment>
          );
        })}
      </ol>
    </section>
  );
}
