interface Props {
  x: number;
  /** Where the words stand, in pixels of the canvas. */
  y: number;
  /** Pixels of the canvas in one of the screen. */
  line: number;
  text: string;
  colour?: string;
  from?: "left" | "center";
}

const ROOM = 320;

/** Words on a small plate, readable on any picture. */
export function Label({ x, y, line, text, colour = "#111", from = "center" }: Props) {
  return (
    <foreignObject
      x={from === "left" ? x : x - (ROOM / 2) * line}
      y={y - 14 * line}
      width={ROOM * line}
      height={18 * line}
      style={{ overflow: "visible" }}
    >
      <div style={{ fontSize: 12 * line, lineHeight: 1.3, textAlign: from, whiteSpace: "nowrap" }}>
        <span style={{ color: colour, background: "#fff", padding: `0 ${String(4 * line)}px` }}>{text}</span>
      </div>
    </foreignObject>
  );
}
