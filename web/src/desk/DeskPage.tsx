import { memo, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
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
    if (view) open(`${view.show}-${view.holder}`);
  }, [view?.show, view?.holder, open]); // eslint-disable-line react-hooks/exhaustive-deps
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

type Control = DeskView["controls"][number];

/** A part of the desk. */
interface PartKind {
  title: string;
  /** Whether there is anything in it. */
  there: (view: DeskView) => boolean;
  /** Of what it is made: only another one of that changes it. */
  of: (view: DeskView) => unknown[];
  body: (props: PartProps) => ReactNode;
}

/** One that is about pieces. @param also what else it is made of */
function ofPieces(
  title: string,
  about: (control: Control) => unknown,
  body: PartKind["body"],
  also: PartKind["of"] = () => [],
): PartKind {
  return {
    title,
    there: (view) => view.controls.some(about),
    of: (view) => [...also(view), ...view.controls.filter(about)],
    body,
  };
}

const PARTS: Record<Part, PartKind> = {
  break: {
    title: "Break",
    there: (view) => any(view, "startBreak", "endBreak", "lengthenBreak"),
    of: (view) => [view.pause, view.pictures],
    body: BreakPart,
  },
  alerts: { title: "Alerts", there: (view) => view.queue !== null, of: (view) => [view.queue], body: AlertPart },
  notices: {
    title: "Advertising",
    there: (view) => view.notices !== null,
    of: (view) => [view.notices],
    body: NoticePart,
  },
  clocks: ofPieces(
    "Clocks",
    (one) => one.dial,
    ClockPart,
    (view) => [view.sequences],
  ),
  counts: ofPieces("Counts and scores", (one) => one.tallies.length > 0, CountPart),
  cards: ofPieces(
    "Cards",
    (one) => one.deck,
    CardPart,
    (view) => [view.look],
  ),
  points: ofPieces("Points", (one) => one.orders.length > 0, PointPart),
  requests: {
    title: "Requests",
    there: (view) => view.requests !== null,
    of: (view) => [view.requests],
    body: RequestPart,
  },
  track: { title: "Track", there: (view) => view.tracks !== null, of: (view) => [view.tracks], body: TrackPart },
  lines: ofPieces("Ticker and turns", (one) => one.added, LinePart),
  sequences: {
    title: "Sequences",
    there: (view) => view.sequences.length > 0 || any(view, "writeSequence"),
    of: (view) => [view.sequences, view.controls, view.themes],
    body: SequencePart,
  },
  viewers: {
    title: "Viewers",
    there: (view) => view.viewers !== null,
    of: (view) => [view.viewers, view.sequences, view.controls],
    body: ViewerPart,
  },
  sight: {
    title: "Shown and hidden",
    there: (view) => any(view, "showPiece") && view.controls.length > 0,
    of: (view) => view.controls.flatMap((one) => [one.piece, one.name, one.seen]),
    body: SightPart,
  },
  words: ofPieces("Words", (one) => one.lines.length > 0, WordPart),
  done: { title: "What was done", there: () => true, of: (view) => [view.done], body: DonePart },
};

/** A part that is painted anew only when something of it is another one. */
const Body = memo(
  function Body({ part, view, deeds }: PartProps & { part: Part }) {
    const Inner = PARTS[part].body;
    return <Inner view={view} deeds={deeds} />;
  },
  (before, now) => {
    const was = PARTS[before.part].of(before.view);
    const is = PARTS[now.part].of(now.view);
    return (
      before.part === now.part &&
      before.deeds === now.deeds &&
      before.view.may === now.view.may &&
      was.length === is.length &&
      was.every((one, i) => one === is[i])
    );
  },
);

/** The same deeds each time, so that nothing is painted anew because of them. */
function useSteady(deeds: Deeds): Deeds {
  const latest = useRef(deeds);
  useEffect(() => {
    latest.current = deeds;
  });
  const back = deeds.takeBack !== undefined;
  return useMemo(
    () => ({
      cue: (cue) => latest.current.cue(cue),
      look: () => latest.current.look(),
      undo: () => latest.current.undo(),
      redo: () => latest.current.redo(),
      takeBack: back ? (number) => latest.current.takeBack?.(number) ?? Promise.resolve(false) : undefined,
      alerts: (wish) => latest.current.alerts(wish),
    }),
    [back],
  );
}

function any(view: DeskView, ...deeds: string[]): boolean {
  return view.may.some((one) => deeds.includes(one.deed));
}

export function Parts({ view, deeds }: PartProps) {
  const order = useArrangement((state) => state.order);
  const steady = useSteady(deeds);
  const there = order.filter((part) => PARTS[part].there(view));
  const bare = there.every((part) => ["done", "break", "alerts", "notices", "sequences", "viewers"].includes(part));
  return (
    <div className="px-3 pt-3 md:columns-[22rem] md:gap-x-4">
      {there.map((part) => {
        return (
          <Section key={part} part={part} title={PARTS[part].title} there={there}>
            <Body part={part} view={view} deeds={steady} />
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
