import { Eye, EyeOff } from "lucide-react";
import { ClockControl } from "./ClockControl";
import { CardControl } from "./CardControl";
import { CountControl } from "./CountControl";
import { PointControl } from "./PointControl";
import { WordsControl } from "./WordsControl";
import type { Control, Cue } from "./useShow";
import { useLimits } from "../theme/titles";
import { AddedControl } from "./AddedControl";
import { SidesControl } from "./SidesControl";

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
  const limits = useLimits();
  return (
    <li className="py-1.5" aria-label={name}>
      <fieldset disabled={!mayCue} className="may min-w-0">
        <div className="flex items-center gap-2">
          <span className="min-w-0 truncate font-bold">{name}</span>
          {control.alike.length > 0 && (
            <span className="min-w-0 truncate text-faint">also {control.alike.join(", ")}</span>
          )}
          {!control.seen && <span className="text-ochre">hidden by hand</span>}
          <button
            className="btn ml-auto px-1.5"
            onClick={() => void cue({ cue: "showPiece", piece, shown: !control.seen })}
            aria-label={`${control.seen ? "Hide" : "Show"} ${name}`}
            title={control.seen ? "Hide it on every scene" : "Show it again"}
          >
            {control.seen ? <EyeOff size={14} /> : <Eye size={14} />}
          </button>
        </div>
        {control.held && (
          <p className="flex gap-3 text-faint">
            <button className="underline" onClick={() => void cue({ cue: "letGo", piece })}>
              Back to the theme’s content
            </button>
            {takeOver && (
              <button className="underline" onClick={takeOver}>
                Take over into the theme
              </button>
            )}
          </p>
        )}
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
        <SidesControl control={control} cue={cue} />
        {control.added && (
          <AddedControl piece={piece} name={name} added={control.added} letters={limits?.letters} cue={cue} />
        )}
        {control.deck && <CardControl piece={piece} name={name} deck={control.deck} cue={cue} />}
        {control.orders.map((order) => (
          <PointControl key={order.field} piece={piece} name={name} order={order} cue={cue} />
        ))}
        {!control.deck && control.lines.length > 0 && (
          <WordsControl piece={piece} lines={control.lines} letters={limits?.letters} cue={cue} />
        )}
      </fieldset>
    </li>
  );
}
