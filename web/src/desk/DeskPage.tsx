import { useEffect, useMemo, useState, type ReactNode } from "react";
import { live } from "../api/live";
import { Trouble } from "../app/Trouble";
import { RightsProvider, takes } from "../show/rights";
import { AlertPart } from "./AlertPart";
import { useArrangement, type Part } from "./arrangement";
import { BreakPart } from "./BreakPart";
import { DonePart } from "./DonePart";
import type { DeskView } from "./door";
import { Head } from "./Head";
import { RequestPart } from "./RequestPart";
import { TrackPart } from "./TrackPart";
import { CardPart, ClockPart, CountPart, LinePart, PointPart, SightPart, WordPart } from "./PieceParts";
import { NoticePart } from "./NoticePart";
import { Pictures } from "./Pictures";
import { Section } from "./Section";
import { SequencePart } from "./SequencePart";
import { ViewerPart } from "./ViewerPart";
import { useAwake } from "./useAwake";
import { useDesk } from "./useDesk";

/** What viewers see now, and below it everything that may be done about it. */
export function DeskPage() {
  const { desk, pending, ...deeds } = useDesk();
  const [ended, setEnded] = useState(false);
  useAwake();
  useEffect(() => live.onEnded(() => setEnded(true)), []);
  const view = desk.data;
  const open = useArrangement((state) => state.open);
  useEffect(() => {
    if (view) open(view.show);
  }, [view?.show, open]); // eslint-disable-line react-hooks/exhaustive-deps
  const may = useMemo(
    () => (view?.pass ? (deed: string, about = "") => takes(view.may, deed, about) : () => true),
    [view?.pass, view?.may],
  );

  if (ended) return <Over />;
  if (!view) {
    return (
      <main className="p-4">
        <h1 className="mb-2">Desk</h1>
        {desk.isPending ? <p className="text-faint">Opening the desk …</p> : <Trouble query={desk} />}
      </main>
    );
  }
  return (
    <RightsProvider value={may}>
      <div className="desk min-h-full pb-16">
        <Head view={view} pending={pending} deeds={deeds} />
        <main>
          <Trouble query={desk} className="px-3 pt-2" />
          <Pictures view={view} />
          <Parts view={view} deeds={deeds} />
        </main>
      </div>
    </RightsProvider>
  );
}

export type Deeds = Omit<ReturnType<typeof useDesk>, "desk" | "pending">;

export interface PartProps {
  view: DeskView;
  deeds: Deeds;
}

/** Each part with whether there is anything in it. */
const PARTS: Record<
  Part,
  { title: string; there: (view: DeskView) => boolean; body: (props: PartProps) => ReactNode }
> = {
  break: { title: "Break", there: (view) => any(view, "startBreak", "endBreak", "lengthenBreak"), body: BreakPart },
  alerts: { title: "Alerts", there: (view) => view.queue !== null, body: AlertPart },
  notices: { title: "Advertising", there: (view) => view.notices !== null, body: NoticePart },
  clocks: { title: "Clocks", there: (view) => view.controls.some((one) => one.dial), body: ClockPart },
  counts: {
    title: "Counts and scores",
    there: (view) => view.controls.some((one) => one.tallies.length > 0),
    body: CountPart,
  },
  cards: { title: "Cards", there: (view) => view.controls.some((one) => one.deck), body: CardPart },
  points: { title: "Points", there: (view) => view.controls.some((one) => one.orders.length > 0), body: PointPart },
  requests: { title: "Requests", there: (view) => view.requests !== null, body: RequestPart },
  track: { title: "Track", there: (view) => view.tracks !== null, body: TrackPart },
  lines: {
    title: "Ticker and turns",
    there: (view) => view.controls.some((one) => one.added),
    body: LinePart,
  },
  sequences: {
    title: "Sequences",
    there: (view) => view.sequences.length > 0 || any(view, "writeSequence"),
    body: SequencePart,
  },
  viewers: { title: "Viewers", there: (view) => view.viewers !== null, body: ViewerPart },
  sight: {
    title: "Shown and hidden",
    there: (view) => any(view, "showPiece") && view.controls.length > 0,
    body: SightPart,
  },
  words: { title: "Words", there: (view) => view.controls.some((one) => one.lines.length > 0), body: WordPart },
  done: { title: "What was done", there: () => true, body: DonePart },
};

function any(view: DeskView, ...deeds: string[]): boolean {
  return view.may.some((one) => deeds.includes(one.deed));
}

export function Parts({ view, deeds }: PartProps) {
  const order = useArrangement((state) => state.order);
  const there = order.filter((part) => PARTS[part].there(view));
  const bare = there.every((part) => ["done", "break", "alerts", "notices", "sequences", "viewers"].includes(part));
  return (
    <div className="px-3 pt-3 md:columns-[22rem] md:gap-x-4">
      {there.map((part) => {
        const Body = PARTS[part].body;
        return (
          <Section key={part} part={part} title={PARTS[part].title} there={there}>
            <Body view={view} deeds={deeds} />
          </Section>
        );
      })}
      {bare && !view.pass && (
        <p className="border border-dashed border-rule p-3 text-faint">
          The scenes of this show have nothing yet that could be run: no clock, no count, no cards. Pieces that are
          added to its theme appear here by themselves.
        </p>
      )}
    </div>
  );
}

/** Whoever had a pass, and has it no more. */
export function Over() {
  return (
    <main className="p-4">
      <h1 className="mb-2">This pass is over</h1>
      <p>It was withdrawn, or its time is over. Ask whoever gave it to you for another one.</p>
    </main>
  );
}
