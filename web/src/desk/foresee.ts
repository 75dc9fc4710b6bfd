import type { Cue } from "../show/useShow";
import type { DeskView } from "./door";

type Control = DeskView["controls"][number];

/**
 * How a desk will most likely look once a cue is done, so that it answers under the finger at once. What the server
 * says then takes its place.
 *
 * @param now the server's clock, epoch milliseconds
 */
export function foreseen(view: DeskView, cue: Cue, now: number): DeskView {
  switch (cue.cue) {
    case "stepCount":
    case "addToCount":
    case "setCount":
      return control(view, cue.piece, (one) => ({
        ...one,
        tallies: one.tallies.map((tally) => {
          if (tally.field !== cue.field) return tally;
          const next =
            cue.cue === "setCount"
              ? cue.value
              : tally.value + (cue.cue === "stepCount" ? cue.times * tally.step : cue.by);
          return { ...tally, value: Math.min(tally.most, Math.max(tally.least, next)), live: false };
        }),
      }));
    case "approveRequest":
    case "refuseRequest":
    case "finishRequest":
      return { ...view, requests: view.requests && requests(view.requests, cue) };
    case "showTrack":
      return { ...view, tracks: view.tracks && { ...view.tracks, seen: cue.shown } };
    case "holdTurns":
      return control(view, cue.piece, (one) => ({ ...one, added: one.added && { ...one.added, held: cue.held } }));
    case "takeLine":
      return control(view, cue.piece, (one) => ({
        ...one,
        added: one.added && { ...one.added, lines: one.added.lines.toSpliced(cue.line, 1) },
      }));
    case "showPiece":
      return control(view, cue.piece, (one) => ({ ...one, seen: cue.shown }));
    case "putUp":
    case "takeCard":
    case "turnCards":
    case "showCards":
      return control(view, cue.piece, (one) => (one.deck ? { ...one, deck: deck(one.deck, cue, now) } : one));
    case "startClock":
    case "pauseClock":
    case "addTime":
      return control(view, cue.piece, (one) => (one.dial ? { ...one, dial: dial(one.dial, cue, now) } : one));
    case "startBreak":
      return {
        ...view,
        pause: { from: now, until: now + cue.seconds * 1000, words: cue.words, picture: cue.picture, muted: false },
      };
    case "lengthenBreak":
      return view.pause
        ? { ...view, pause: { ...view.pause, until: Math.max(now, view.pause.until) + cue.seconds * 1000 } }
        : view;
    case "endBreak":
      return { ...view, pause: null };
    case "tickMicrophone":
      return view.pause ? { ...view, pause: { ...view.pause, muted: cue.muted } } : view;
    default:
      return view;
  }
}

function control(view: DeskView, piece: string, change: (one: Control) => Control): DeskView {
  return { ...view, controls: view.controls.map((one) => (one.piece === piece ? change(one) : one)) };
}

type Requests = NonNullable<DeskView["requests"]>;
type Answered = Extract<Cue, { cue: "approveRequest" | "refuseRequest" | "finishRequest" }>;

function requests(all: Requests, cue: Answered): Requests {
  return cue.cue === "approveRequest"
    ? { ...all, asked: all.asked.map((one) => (one.id === cue.request ? { ...one, approved: true } : one)) }
    : {
        ...all,
        asked: all.asked.filter((one) => one.id !== cue.request),
        done: all.done + (cue.cue === "finishRequest" ? 1 : 0),
      };
}

type Deck = NonNullable<Control["deck"]>;
type Turn = Extract<Cue, { cue: "putUp" | "takeCard" | "turnCards" | "showCards" }>;

function deck(deck: Deck, cue: Turn, now: number): Deck {
  const count = deck.cards.length;
  const end = "seconds" in cue && cue.seconds > 0 ? now + cue.seconds * 1000 : 0;
  switch (cue.cue) {
    case "putUp":
      return { ...deck, up: cue.card, shown: true, end };
    case "takeCard":
      return { ...deck, up: deck.next, shown: true, end, next: (deck.next + 1) % count };
    case "turnCards":
      return { ...deck, up: (((deck.up + cue.by) % count) + count) % count };
    case "showCards":
      return { ...deck, shown: cue.shown, end };
  }
}

type Dial = NonNullable<Control["dial"]>;
type Turning = Extract<Cue, { cue: "startClock" | "pauseClock" | "addTime" }>;

function dial(dial: Dial, cue: Turning, now: number): Dial {
  const { run, mode, length } = dial;
  const down = mode === "DOWN";
  const running = run.state === "RUNNING";
  const left = running ? (down ? run.millis - now : now - run.millis) : run.millis > 0 ? run.millis : length;
  const shown = Math.max(0, left);
  const going = (millis: number) => ({ ...run, state: "RUNNING" as const, millis: down ? now + millis : now - millis });
  switch (cue.cue) {
    case "startClock":
      return { ...dial, run: going(running && shown === 0 ? length : shown) };
    case "pauseClock":
      return { ...dial, run: { ...run, state: "PAUSED", millis: shown } };
    case "addTime": {
      const next = Math.max(0, shown + cue.seconds * 1000);
      return { ...dial, run: running ? going(next) : { ...run, millis: next } };
    }
  }
}
