import { ArrowLeftRight, RotateCcw, Trophy } from "lucide-react";
import { useState } from "react";
import type { Control } from "./useShow";
import type { Send } from "./ControlRow";
import { useMayDo } from "./rights";

/** What belongs to two sides: who wins a round, their colours, and that they change places. */
export function SidesControl({ control, cue }: { control: Control; cue: Send }) {
  const may = useMayDo();
  const { piece } = control;
  if (!control.sides && !control.rounds && control.tints.length === 0) return null;
  const name = (right: boolean) => control.lines[right ? 1 : 0]?.words ?? (right ? "right" : "left");
  return (
    <div className="mt-1 flex flex-wrap items-center gap-1.5">
      {control.rounds &&
        [false, true].map((right) => (
          <button key={String(right)} className="btn" onClick={() => void cue({ cue: "winRound", piece, right })}>
            <Trophy size={14} aria-hidden />
            <span className="max-w-40 truncate">Round to {name(right)}</span>
          </button>
        ))}
      {control.sides && may("swapSides", piece) && (
        <button className="btn" onClick={() => void cue({ cue: "swapSides", piece })}>
          <ArrowLeftRight size={14} aria-hidden />
          Swap sides
        </button>
      )}
      {control.tints.map((tint) => (
        <Tint
          key={tint.field + tint.colour}
          title={tint.title}
          colour={tint.colour}
          set={(colour) => cue({ cue: "colourSide", piece, field: tint.field, colour })}
        />
      ))}
    </div>
  );
}

/** A colour is sent once it is chosen, not while it is looked for. */
export function Tint({
  title,
  colour,
  set,
}: {
  title: string;
  colour: string;
  set: (colour: string) => Promise<boolean>;
}) {
  const [draft, setDraft] = useState(colour);
  const keep = () => {
    if (draft !== colour) void set(draft);
  };
  return (
    <span className="flex items-center">
      <label className="flex items-center gap-1.5 text-faint">
        <span>{title}</span>
        <input
          type="color"
          className="h-9 w-11 border border-rule bg-paper p-0.5"
          aria-label={`${title}: ${colour === "" ? "the theme’s" : colour}`}
          value={draft === "" ? "#808080" : draft}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={keep}
        />
      </label>
      {draft !== colour && (
        <button type="button" className="btn" onClick={keep}>
          Keep
        </button>
      )}
      {colour !== "" && (
        <button
          type="button"
          className="flex size-9 items-center justify-center text-faint hover:text-ink"
          aria-label={`${title}: the theme’s`}
          title="The theme’s colour"
          onClick={() => void set("")}
        >
          <RotateCcw size={14} />
        </button>
      )}
    </span>
  );
}
