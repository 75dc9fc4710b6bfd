import { Eye, EyeOff } from "lucide-react";
import { AddedControl } from "../show/AddedControl";
import { CardControl } from "../show/CardControl";
import { ClockControl } from "../show/ClockControl";
import { CountControl } from "../show/CountControl";
import { PointControl } from "../show/PointControl";
import { useMayDo } from "../show/rights";
import { SidesControl } from "../show/SidesControl";
import { WordsControl } from "../show/WordsControl";
import type { PartProps } from "./DeskPage";
import { useDoor, type DeskView } from "./door";

type Control = DeskView["controls"][number];

function Name({ control }: { control: Control }) {
  return (
    <h3 className="flex gap-2 pt-1">
      <span className="min-w-0 truncate">{control.name}</span>
      {control.alike.length > 0 && (
        <span className="min-w-0 truncate font-normal text-faint">also {control.alike.join(", ")}</span>
      )}
      {!control.seen && <span className="font-normal text-ochre">hidden</span>}
    </h3>
  );
}

export function ClockPart({ view, deeds }: PartProps) {
  return view.controls.map(
    (one) =>
      one.dial && (
        <div key={one.piece}>
          <Name control={one} />
          <ClockControl piece={one.piece} name={one.name} dial={one.dial} cue={deeds.cue} sequences={view.sequences} />
          {one.lines.length > 0 && (
            <WordsControl piece={one.piece} lines={one.lines} letters={view.letters} cue={deeds.cue} />
          )}
        </div>
      ),
  );
}

export function CountPart({ view, deeds }: PartProps) {
  return view.controls
    .filter((one) => one.tallies.length > 0)
    .map((one) => (
      <div key={one.piece}>
        <Name control={one} />
        {one.tallies.map((tally, i) => (
          <CountControl
            key={tally.field}
            piece={one.piece}
            name={one.tallies.length > 1 ? `${one.name}, ${tally.title}` : one.name}
            title={one.tallies.length > 1 ? side(one, i) : ""}
            tally={tally}
            cue={deeds.cue}
          />
        ))}
        <SidesControl control={one} cue={deeds.cue} />
      </div>
    ));
}

/** Another one whenever the picture of a card is another one, so that it may be kept. */
function key(look: string, card: unknown): string {
  let hash = 5381;
  for (const letter of JSON.stringify(card)) hash = (hash * 33 + letter.charCodeAt(0)) | 0;
  return `${look}-${String(hash)}`;
}

/** What a side of a score is called now. */
function side(control: Control, i: number): string {
  const words = control.lines[i % 2]?.words;
  return control.tints.length > 0 && words ? (i > 1 ? `${words}, rounds` : words) : (control.tallies[i]?.title ?? "");
}

export function CardPart({ view, deeds }: PartProps) {
  const door = useDoor();
  const may = useMayDo();
  return view.controls.map(
    (one) =>
      one.deck && (
        <div key={one.piece}>
          <Name control={one} />
          <CardControl
            piece={one.piece}
            name={one.name}
            deck={one.deck}
            cue={deeds.cue}
            write={may("writeCards", one.piece)}
            picture={(card) => door.cardPicture(one.piece, card, key(view.look, one.deck?.cards[card]))}
          />
        </div>
      ),
  );
}

export function PointPart({ view, deeds }: PartProps) {
  const may = useMayDo();
  return view.controls
    .filter((one) => one.orders.length > 0)
    .map((one) => (
      <div key={one.piece}>
        <Name control={one} />
        {one.orders.map((order) => (
          <PointControl
            key={order.field}
            piece={one.piece}
            name={one.name}
            order={order}
            cue={deeds.cue}
            write={may("writePoints", one.piece)}
          />
        ))}
      </div>
    ));
}

/** Lines that are added to what runs through or takes turns. */
export function LinePart({ view, deeds }: PartProps) {
  return view.controls.map(
    (one) =>
      one.added && (
        <div key={one.piece}>
          <Name control={one} />
          <AddedControl piece={one.piece} name={one.name} added={one.added} letters={view.letters} cue={deeds.cue} />
        </div>
      ),
  );
}

/** Every piece of the show as a switch. */
export function SightPart({ view, deeds }: PartProps) {
  const may = useMayDo();
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] gap-1.5">
      {view.controls
        .filter((one) => may("showPiece", one.piece))
        .map((one) => (
          <li key={one.piece} className="flex">
            <button
              className={`btn min-w-0 flex-1 ${one.seen ? "" : "border-ochre bg-ochre-soft"}`}
              aria-pressed={one.seen}
              title={one.seen ? "Shown; a press hides it on every scene" : "Hidden; a press shows it again"}
              onClick={() => void deeds.cue({ cue: "showPiece", piece: one.piece, shown: !one.seen })}
            >
              {one.seen ? <Eye size={15} aria-hidden /> : <EyeOff size={15} aria-hidden />}
              <span className="truncate">{one.name}</span>
            </button>
          </li>
        ))}
    </ul>
  );
}

export function WordPart({ view, deeds }: PartProps) {
  // Words of cards are written as cards, and those of clocks stand with their clock.
  return view.controls
    .filter((one) => !one.deck && !one.dial && one.lines.length > 0)
    .map((one) => (
      <div key={one.piece}>
        <Name control={one} />
        <WordsControl piece={one.piece} lines={one.lines} letters={view.letters} cue={deeds.cue} />
      </div>
    ));
}
