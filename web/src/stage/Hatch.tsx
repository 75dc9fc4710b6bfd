import type { Layout } from "../api/client";

/** Fine ink hatching where captures will show, with their names and sizes; drawn under the overlay's picture. */
export function Hatch({ layout, labels = false }: { layout: Layout; labels?: boolean }) {
  const id = `hatch-${layout.scene}-${layout.canvas}`;
  const gap = layout.unit * 26;
  return (
    <svg
      className="pointer-events-none absolute inset-0 size-full"
      viewBox={`0 0 ${String(layout.width)} ${String(layout.height)}`}
      aria-hidden="true"
    >
      <defs>
        <pattern id={id} width={gap} height={gap} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={gap} height={gap} fill="#b9b6ad" />
          <rect width={gap * 0.1} height={gap} fill="#5b5a55" />
        </pattern>
      </defs>
      {layout.openings.map((opening) => (
        <g
          key={`${opening.piece} ${String(opening.index)}`}
          transform={`rotate(${String(opening.turn)} ${String(opening.pivotX)} ${String(opening.pivotY)})`}
        >
          <rect
            x={opening.box.x}
            y={opening.box.y}
            width={opening.box.width}
            height={opening.box.height}
            fill={`url(#${id})`}
          />
          {labels && (
            <text
              x={opening.box.x + opening.box.width / 2}
              y={opening.box.y + opening.box.height / 2}
              textAnchor="middle"
              fontSize={layout.unit * 30}
              fill="#22261f"
              stroke="#d9d6cc"
              strokeWidth={layout.unit * 8}
              paintOrder="stroke"
            >
              {opening.captureName} {opening.sourceWidth} × {opening.sourceHeight}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
