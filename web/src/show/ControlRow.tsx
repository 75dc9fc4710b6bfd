import { Eye, EyeOff } from "lucide-react";
import { ClockControl } from "./ClockControl";
import { CardControl } from "./CardControl";
import { CountControl } from "./CountControl";
import { PointControl } from "./PointControl";
import { WordsControl } from "./WordsControl";
import type { Control, Cue } from "./useShow";

export type Send = (cue: Cue) => Promise<boolean>;

/** One piece: what it says now, and everything that can be done about it. */
export function ControlRow({
  control,
  cue,
  mayCue,
  takeOver,
}: {
  control: Control;
  cue: Send;
  mayCue: boolean;
  takeOver: (() => void) | undefined;
}) {
  const { piece, name } = control;
  return (
    <li className="py-1.5" aria-label={name}>
      <fieldset disabled={!mayCue} className="min-w-0">
        <div className="flex flex-wrap items-center gap-2">
          <span className="font-bold">{name}</span>
          {control.alike.length > 0 && <span className="text-faint">also {control.alike.join(", ")}</span>}
          {!control.seen && <span className="text-ochre">hidden by hand</span>}
          <span className="ml-auto flex flex-wrap gap-1.5">
            <button
              className="btn"
              onClick={() => void cue({ cue: "showPiece", piece, shown: !control.seen })}
              aria-label={`${control.seen ? "Hide" : "Show"} ${name}`}
            >
              {control.seen ? <EyeOff size={13} /> : <Eye size={13} />}
              {control.seen ? "Hide" : "Show"}
            </button>
            {control.held && takeOver && (
              <button className="btn" onClick={takeOver} title="Writes what the show says into the theme">
                Take over into the theme
              </button>
            )}
            {control.held && (
              <button className="btn" onClick={() => void cue({ cue: "letGo", piece })}>
                Back to the theme’s content
              </button>
            )}
          </span>
        </div>
        {control.dial && <ClockControl piece={piece} name={name} dial={control.dial} cue={cue} />}
        {control.tallies.map((tally) => (
          <CountControl
            key={tally.field}
            piece={piece}
            name={control.tallies.length > 1 ? `${name}, ${tally.title}` : name}
            title={control.tallies.length > 1 ? tally.title : ""}
            tally={tally}
            cue={cue}
          />
        ))}
        {control.deck && <CardControl piece={piece} name={name} deck={control.deck} cue={cue} />}
        {control.orders.map((order) => (
          <PointControl key={order.field} piece={piece} name={name} order={order} cue={cue} />
        ))}
        {!control.deck && control.lines.length > 0 && <WordsControl piece={piece} lines={control.lines} cue={cue} />}
      </fieldset>
    </li>
  );
}
