import { ChevronLeft, ChevronRight } from "lucide-react";
import type { Schemas } from "../api/client";
import type { Send } from "./ControlRow";

/** Puts prepared cards up, one after another, and takes them away. */
export function CardControl({
  piece,
  name,
  deck,
  cue,
}: {
  piece: string;
  name: string;
  deck: Schemas["Deck"];
  cue: Send;
}) {
  const one = deck.cards.length < 2;
  const turn = (by: number) => void cue({ cue: "turnCards", piece, by });
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-center gap-1.5">
        <button className="btn" disabled={one} onClick={() => turn(-1)} aria-label={`Card before of ${name}`}>
          <ChevronLeft size={14} />
          Before
        </button>
        <button className="btn" disabled={one} onClick={() => turn(1)} aria-label={`Next card of ${name}`}>
          Next
          <ChevronRight size={14} />
        </button>
        <button className="btn" onClick={() => void cue({ cue: "showCards", piece, shown: !deck.shown })}>
          {deck.shown ? "Take away" : "Put up"}
        </button>
        <span className="text-faint">
          {deck.shown ? "up: " : "not up: "}card {deck.up + 1} of {deck.cards.length}
        </span>
      </div>
      <ol className="mt-1 flex flex-wrap gap-1.5" aria-label={`Cards of ${name}`}>
        {deck.cards.map((card, i) => (
          <li key={i} className="min-w-0">
            <button
              className={`btn max-w-64 ${i === deck.up ? "border-kelp bg-kelp-soft" : ""}`}
              aria-pressed={i === deck.up && deck.shown}
              onClick={() => void cue({ cue: "putUp", piece, card: i })}
              title={card.value}
            >
              <span className="truncate">{card.label === "" ? `Card ${String(i + 1)}` : card.label}</span>
            </button>
          </li>
        ))}
      </ol>
      {one && <p className="text-faint">One card only. Write further ones on its page, under “Further cards”.</p>}
    </div>
  );
}
