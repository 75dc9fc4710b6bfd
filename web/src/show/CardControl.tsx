import { ChevronLeft, ChevronRight, ListStart } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import type { Send } from "./ControlRow";
import { LineEditor } from "./LineEditor";
import { useMayDo } from "./rights";
import { useNow } from "./useNow";

/** For how long a card may be up; 0 until it is taken out. */
const TIMES = [0, 5, 10, 20, 30];

/** Takes prepared cards in and out, one after another, and says which comes next. */
export function CardControl({
  piece,
  name,
  deck,
  cue,
  picture,
  write = false,
}: {
  piece: string;
  name: string;
  deck: Schemas["Deck"];
  cue: Send;
  /** Address of the picture of a card as it will stand; none where pictures are too much. */
  picture?: (card: number) => string;
  /** Whether cards may be written here. */
  write?: boolean;
}) {
  const may = useMayDo();
  const [seconds, setSeconds] = useState(0);
  const now = useNow(deck.end > 0);
  const one = deck.cards.length < 2;
  const turn = (by: number) => void cue({ cue: "turnCards", piece, by });
  const left = Math.ceil((deck.end - now) / 1000);
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-center gap-1.5">
        {may("showCards", piece) && (
          <button
            className={`btn ${deck.shown ? "" : "btn-main"}`}
            onClick={() => void cue({ cue: "showCards", piece, shown: !deck.shown, seconds: deck.shown ? 0 : seconds })}
          >
            {deck.shown ? "Take out" : "Take in"}
          </button>
        )}
        {may("turnCards", piece) && (
          <>
            <button className="btn" disabled={one} onClick={() => turn(-1)} aria-label={`Card before of ${name}`}>
              <ChevronLeft size={14} />
              Before
            </button>
            <button className="btn" disabled={one} onClick={() => turn(1)} aria-label={`Next card of ${name}`}>
              Next
              <ChevronRight size={14} />
            </button>
          </>
        )}
        {may("takeCard", piece) && !one && (
          <button className="btn" onClick={() => void cue({ cue: "takeCard", piece, seconds })}>
            <ListStart size={14} aria-hidden />
            <span className="max-w-44 truncate">Take {title(deck, deck.next)}</span>
          </button>
        )}
        {(may("showCards", piece) || may("putUp", piece) || may("takeCard", piece)) && (
          <label className="flex items-center gap-1 text-faint">
            for
            <select className="field" value={seconds} onChange={(event) => setSeconds(Number(event.target.value))}>
              {TIMES.map((time) => (
                <option key={time} value={time}>
                  {time === 0 ? "as long as I like" : `${String(time)} s`}
                </option>
              ))}
            </select>
          </label>
        )}
        <span className="text-faint">
          {deck.shown ? "up: " : "not up: "}card {deck.up + 1} of {deck.cards.length}
          {deck.shown && deck.end > 0 && left > 0 && `, ${String(left)} s left`}
        </span>
      </div>
      <ol
        className={`mt-1 ${picture ? "grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-2" : "flex flex-wrap gap-1.5"}`}
        aria-label={`Cards of ${name}`}
      >
        {deck.cards.map((card, i) => {
          const up = i === deck.up && deck.shown;
          const label = title(deck, i);
          return (
            <li key={i} className="flex min-w-0 flex-col">
              <button
                data-shows
                className={`btn min-w-0 ${picture ? "flex-col items-stretch gap-1 p-1" : "max-w-64"} ${i === deck.up ? "border-kelp bg-kelp-soft" : ""}`}
                aria-pressed={up}
                disabled={!may("putUp", piece)}
                onClick={() => void cue({ cue: "putUp", piece, card: i, seconds })}
                title={card.value}
              >
                {picture && (
                  <img
                    src={picture(i)}
                    alt=""
                    loading="lazy"
                    className="aspect-[16/5] w-full bg-surround object-contain"
                  />
                )}
                <span className="truncate">{label}</span>
              </button>
              {picture && may("prepareCard", piece) && !one && (
                <button
                  className={`mt-0.5 text-left ${i === deck.next ? "font-bold text-kelp" : "text-faint underline"}`}
                  aria-pressed={i === deck.next}
                  aria-label={`${label} comes next`}
                  onClick={() => void cue({ cue: "prepareCard", piece, card: i })}
                >
                  {i === deck.next ? "comes next" : "prepare"}
                </button>
              )}
            </li>
          );
        })}
      </ol>
      {write && (
        <LineEditor
          key={JSON.stringify(deck.cards)}
          what={`cards of ${name}`}
          titles={["Name", "Line under it"]}
          lines={deck.cards}
          added={{ label: "", value: "" }}
          send={(cards) => cue({ cue: "writeCards", piece, cards })}
        />
      )}
      {one && !write && (
        <p className="text-faint">One card only. Write further ones on its page, under “Further cards”.</p>
      )}
    </div>
  );
}

function title(deck: Schemas["Deck"], i: number): string {
  const label = deck.cards[i]?.label ?? "";
  return label === "" ? `Card ${String(i + 1)}` : label;
}
