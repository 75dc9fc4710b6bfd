import {
  AlignCenterHorizontal,
  AlignCenterVertical,
  AlignEndHorizontal,
  AlignEndVertical,
  AlignHorizontalDistributeCenter,
  AlignStartHorizontal,
  AlignStartVertical,
  AlignVerticalDistributeCenter,
  Group,
} from "lucide-react";
import type { Layout, Scene, Schemas } from "../api/client";
import { useArrange } from "./useStageEdits";

const ALIGN: [Schemas["Align"]["alignment"], string, typeof AlignStartVertical][] = [
  ["LEFT", "Left edges", AlignStartVertical],
  ["CENTRE", "Middles, left to right", AlignCenterVertical],
  ["RIGHT", "Right edges", AlignEndVertical],
  ["TOP", "Upper edges", AlignStartHorizontal],
  ["MIDDLE", "Middles, top to bottom", AlignCenterHorizontal],
  ["BOTTOM", "Lower edges", AlignEndHorizontal],
];

/** Brings pieces into line: several with one another, one with the safe area. */
export function ManyCard({
  scene,
  layout,
  selected,
  group,
}: {
  scene: Scene;
  layout: Layout;
  selected: string[];
  group: () => void;
}) {
  const arrange = useArrange();
  const at = { scene: scene.id, canvas: layout.canvas, pieces: selected };
  const groups = scene.stack.filter((placed) => selected.includes(placed.piece)).map((placed) => placed.group);
  const together = groups.every((name) => name !== "" && name === groups[0]);
  return (
    <section aria-label="Align" className="mt-3 border-t border-rule pt-2">
      <h3 className="mb-1">
        Align {selected.length === 1 && <span className="font-normal text-faint">with the safe area</span>}
      </h3>
      <div className="flex flex-wrap gap-1">
        {ALIGN.map(([alignment, title, Icon]) => (
          <button
            key={alignment}
            className="btn px-1.5"
            aria-label={title}
            title={title}
            onClick={() => arrange({ arrange: "align", ...at, alignment })}
          >
            <Icon size={15} />
          </button>
        ))}
        {selected.length > 2 && (
          <>
            <button
              className="btn px-1.5"
              aria-label="Distribute horizontally"
              title="Distribute horizontally"
              onClick={() => arrange({ arrange: "distribute", ...at, across: true })}
            >
              <AlignHorizontalDistributeCenter size={15} />
            </button>
            <button
              className="btn px-1.5"
              aria-label="Distribute vertically"
              title="Distribute vertically"
              onClick={() => arrange({ arrange: "distribute", ...at, across: false })}
            >
              <AlignVerticalDistributeCenter size={15} />
            </button>
          </>
        )}
        {selected.length > 1 && (
          <button className="btn" title="Ctrl G" onClick={group}>
            <Group size={14} />
            {together ? "Move apart" : "Move as one"}
          </button>
        )}
      </div>
    </section>
  );
}
