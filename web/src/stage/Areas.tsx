import type { Layout } from "../api/client";
import { Label } from "./Label";

/** What is kept clear, and the regions of captures that matter, as thin outlines with their names. */
export function Areas({ layout, scale }: { layout: Layout; scale: number }) {
  const line = 1 / scale;
  const all = [
    ...layout.keepClear.map((area) => ({ key: area.id, name: area.name, box: area.box, colour: "#b3261e" })),
    ...layout.regions.map((region) => ({
      key: `${region.piece} ${region.id}`,
      name: region.name,
      box: region.box,
      colour: region.sort === "FACE" ? "#0b6e8a" : "#8a5a06",
    })),
  ];
  return (
    <svg
      className="pointer-events-none absolute inset-0 size-full"
      viewBox={`0 0 ${String(layout.width)} ${String(layout.height)}`}
      aria-hidden="true"
    >
      {all.map(({ key, name, box, colour }) => (
        <g key={key}>
          <rect
            {...box}
            fill={colour}
            fillOpacity={0.12}
            stroke={colour}
            strokeWidth={1.5 * line}
            strokeDasharray={`${String(3 * line)} ${String(3 * line)}`}
          />
          <Label x={box.x + 3 * line} y={box.y + 14 * line} line={line} text={name} colour={colour} from="left" />
        </g>
      ))}
    </svg>
  );
}
