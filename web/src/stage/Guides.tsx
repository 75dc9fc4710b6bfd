import type { Person } from "../api/live";
import type { Box, Layout } from "../api/client";
import { HANDLES } from "./geometry";
import { Label } from "./Label";
import { distance, type SnapLine } from "./snapping";
import type { Placing } from "./usePlacing";

interface Props {
  layout: Layout;
  scale: number;
  boxes: Placing[];
  met: SnapLine[];
  marquee: Box | null;
  guides: boolean;
  others: Person[];
}

const OTHERS = ["#7b3fa0", "#0b6e8a", "#a03f5c", "#5c6b1f"];

/** Safe areas as thin lines, what was caught on, and the selection like a dimension on a drawing. */
export function Guides({ layout, scale, boxes, met, marquee, guides, others }: Props) {
  const line = 1 / scale;
  const [only] = boxes;
  return (
    <svg
      className="pointer-events-none absolute inset-0 size-full overflow-visible"
      viewBox={`0 0 ${String(layout.width)} ${String(layout.height)}`}
      aria-hidden="true"
    >
      {guides &&
        [layout.action, layout.graphics].map((area, i) => (
          <rect
            key={i}
            {...area}
            fill="none"
            stroke="#fff"
            strokeOpacity={0.45}
            strokeWidth={line}
            strokeDasharray={
              i === 0 ? `${String(8 * line)} ${String(6 * line)}` : `${String(2 * line)} ${String(6 * line)}`
            }
          />
        ))}
      {met.map((one) => (
        <Met key={`${String(one.upright)}${String(one.at)}`} one={one} layout={layout} line={line} box={only?.box} />
      ))}
      {others.map((person, i) =>
        person.selected.map((piece) => (
          <TheirBox
            key={`${person.id} ${piece}`}
            person={person}
            box={layout.pieces.find((p) => p.id === piece)?.box}
            colour={OTHERS[i % OTHERS.length] ?? "#000"}
            line={line}
          />
        )),
      )}
      {boxes.length > 0 && (
        <g data-testid="selection">
          {boxes.map(({ piece, box }) => {
            const turn = layout.pieces.find((p) => p.id === piece)?.turn ?? 0;
            return (
              <g
                key={piece}
                transform={`rotate(${String(turn)} ${String(box.x + box.width / 2)} ${String(box.y + box.height / 2)})`}
              >
                <rect {...box} fill="none" stroke="#fff" strokeWidth={3 * line} />
                <rect {...box} fill="none" stroke="#111" strokeWidth={line} />
                {boxes.length === 1 && <Handles box={box} line={line} />}
              </g>
            );
          })}
          {boxes.length === 1 && only && (
            <Label
              x={Math.min(layout.width - 80 * line, Math.max(80 * line, only.box.x + only.box.width / 2))}
              y={Math.max(14 * line, only.box.y - 8 * line)}
              line={line}
              text={`${String(Math.round(only.box.width))} × ${String(Math.round(only.box.height))} at ${String(Math.round(only.box.x))}, ${String(Math.round(only.box.y))}`}
            />
          )}
        </g>
      )}
      {marquee && (
        <rect
          {...marquee}
          fill="#fff"
          fillOpacity={0.15}
          stroke="#111"
          strokeWidth={line}
          strokeDasharray={`${String(4 * line)} ${String(3 * line)}`}
        />
      )}
    </svg>
  );
}

function Handles({ box, line }: { box: Box; line: number }) {
  const middle = box.x + box.width / 2;
  return (
    <>
      {HANDLES.map((h) => {
        const x = box.x + (box.width * (h.x + 1)) / 2;
        const y = box.y + (box.height * (h.y + 1)) / 2;
        const cross = (arm: number) =>
          `M${String(x - arm * line)} ${String(y)}H${String(x + arm * line)}M${String(x)} ${String(y - arm * line)}V${String(y + arm * line)}`;
        return (
          <g key={`${String(h.x)}${String(h.y)}`}>
            <path d={cross(6)} stroke="#fff" strokeWidth={5 * line} />
            <path d={cross(5)} stroke="#111" strokeWidth={3 * line} />
          </g>
        );
      })}
      <path
        d={`M${String(middle)} ${String(box.y + box.height)}v${String(16 * line)}`}
        stroke="#fff"
        strokeWidth={3 * line}
      />
      <path
        d={`M${String(middle)} ${String(box.y + box.height)}v${String(16 * line)}`}
        stroke="#111"
        strokeWidth={line}
      />
      <circle
        cx={middle}
        cy={box.y + box.height + 20 * line}
        r={5 * line}
        fill="#fff"
        stroke="#111"
        strokeWidth={2 * line}
      />
    </>
  );
}

function Met({ one, layout, line, box }: { one: SnapLine; layout: Layout; line: number; box: Box | undefined }) {
  const far = box ? distance(box, one, layout) : null;
  const text = `${one.what}${far === null ? "" : `, ${String(far)} px away`}`;
  return (
    <g data-testid="met">
      <path
        d={
          one.upright ? `M${String(one.at)} 0V${String(layout.height)}` : `M0 ${String(one.at)}H${String(layout.width)}`
        }
        stroke="#e0a030"
        strokeWidth={1.5 * line}
      />
      {one.upright ? (
        <Label x={one.at} y={layout.height - 10 * line} line={line} text={text} />
      ) : (
        <Label x={120 * line} y={one.at - 5 * line} line={line} text={text} />
      )}
    </g>
  );
}

function TheirBox({
  person,
  box,
  colour,
  line,
}: {
  person: Person;
  box: Box | undefined;
  colour: string;
  line: number;
}) {
  if (!box) return null;
  return (
    <g data-testid="theirs">
      <rect
        {...box}
        fill="none"
        stroke={colour}
        strokeWidth={2 * line}
        strokeDasharray={`${String(6 * line)} ${String(3 * line)}`}
      />
      <Label
        x={box.x + box.width / 2}
        y={box.y + box.height + 14 * line}
        line={line}
        text={person.name}
        colour={colour}
      />
    </g>
  );
}
