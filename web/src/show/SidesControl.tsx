import { ArrowLeftRight, Trophy } from "lucide-react";
import { TintField } from "../content/TintField";
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
        <TintField
          key={tint.field + tint.colour}
          title={tint.title}
          colour={tint.colour}
          set={(colour) => cue({ cue: "colourSide", piece, field: tint.field, colour })}
        />
      ))}
    </div>
  );
}
