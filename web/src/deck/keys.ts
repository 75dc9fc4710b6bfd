import type { Call } from "../desk/choosing";
import type { DeskView } from "../desk/door";
import { shown, written } from "../show/dial";

/** What a key does and what stands on it. @param picture as a data URL; empty for none */
export interface DeckKey extends Call {
  title: string;
  picture: string;
}

export const KEYS = 15;

/** What a key shows of how things stand. */
export interface KeyState {
  value: string;
  /** Whether what it does is on now. */
  on: boolean;
  /** Whether it cannot be found any more. */
  lost: boolean;
}

/** @param now the server's clock, epoch milliseconds */
export function keyState(view: DeskView, key: Call, now: number): KeyState {
  const quiet = { value: "", on: false, lost: false };
  if (key.about === "show") {
    const { pause, queue } = view;
    switch (key.deed) {
      case "startBreak":
      case "lengthenBreak":
      case "endBreak": {
        if (!pause) return quiet;
        const left = pause.until - now;
        return {
          ...quiet,
          on: true,
          value: `${left < 0 ? "+" : ""}${written(left < 0 ? "UP" : "DOWN", Math.abs(left))}`,
        };
      }
      case "tickMicrophone":
        return { ...quiet, on: pause !== null && !pause.muted };
      case "pause":
      case "resume":
        return { ...quiet, on: queue?.paused ?? false, value: String(queue?.alerts.length ?? 0) };
      case "approveRequest":
      case "refuseRequest": {
        const waiting = view.requests?.asked.filter((one) => !one.approved) ?? [];
        return { ...quiet, on: waiting.length > 0, value: waiting[0]?.what ?? "" };
      }
      case "finishRequest":
        return { ...quiet, value: view.requests?.asked.find((one) => one.approved)?.what ?? "" };
      case "takeRequests":
        return { ...quiet, on: view.requests?.open ?? false };
      case "showTrack":
        return { ...quiet, on: view.tracks?.seen ?? false, value: view.tracks?.now?.title ?? "" };
      case "silence":
      case "sound":
        return { ...quiet, on: queue?.silent ?? false };
      default:
        return { ...quiet, value: queue ? String(queue.alerts.length) : "" };
    }
  }
  const sequence = view.sequences.find((one) => one.id === key.about);
  if (sequence) {
    const underway = sequence.taken >= 0;
    return {
      ...quiet,
      on: underway,
      value: underway ? `${String(sequence.taken)}/${String(sequence.steps.length)}` : "",
    };
  }
  const control = view.controls.find((one) => one.piece === key.about);
  if (!control) return { ...quiet, lost: true };
  if (key.deed.endsWith("Count") || key.deed === "swapSides") {
    const field = key.figures["field"];
    const tally = control.tallies.find((one) => one.field === field) ?? control.tallies[0];
    return { ...quiet, value: tally ? String(tally.value) : "" };
  }
  if (control.dial && /Clock$|^addTime$/.test(key.deed)) {
    return {
      ...quiet,
      on: control.dial.run.state === "RUNNING",
      value: written(control.dial.mode, shown(control.dial, now)),
    };
  }
  if (control.deck && (key.deed === "putUp" || key.deed.includes("Card"))) {
    const card = key.figures["card"];
    const mine = typeof card !== "number" || card === control.deck.up;
    return { ...quiet, on: control.deck.shown && mine, value: control.deck.cards[control.deck.up]?.label ?? "" };
  }
  if (control.orders[0] && /Point/.test(key.deed)) {
    const { points } = control.orders[0];
    const done = points.filter((point) => point.state === "DONE").length;
    return { ...quiet, value: `${String(done)}/${String(points.length)}` };
  }
  if (control.added && (key.deed === "holdTurns" || key.deed.endsWith("Line")))
    return { ...quiet, on: control.added.held, value: String(control.added.lines.length) };
  if (key.deed === "showPiece") return { ...quiet, on: !control.seen, value: control.seen ? "" : "hidden" };
  return quiet;
}

/** What takes back what is on: the same key ends what it began. */
const OPPOSITE: Record<string, string> = {
  startBreak: "endBreak",
  startClock: "pauseClock",
  startSequence: "stopSequence",
  pause: "resume",
  resume: "pause",
  silence: "sound",
  sound: "silence",
};

/** What a press does now: what is on is ended by the key that began it, where that is allowed. */
export function pressed(key: Call, state: KeyState, may: (deed: string, about: string) => boolean): Call {
  const deed = OPPOSITE[key.deed];
  const ends = deed !== undefined && (key.deed === "resume" || key.deed === "sound" ? !state.on : state.on);
  return ends && may(deed, key.about === "show" ? "" : key.about) ? { about: key.about, deed, figures: {} } : key;
}

const WORDS: Record<string, string> = {
  startBreak: "Break",
  lengthenBreak: "Longer",
  endBreak: "End break",
  tickMicrophone: "Mic is off",
  pause: "Pause alerts",
  resume: "Alerts go on",
  skip: "Skip alert",
  silence: "Silence",
  sound: "Sound",
  repeat: "Repeat",
  dropAll: "Drop alerts",
  startClock: "Start",
  pauseClock: "Pause",
  turnCards: "Next card",
  takeCard: "Take next",
  nextPoint: "Next point",
  approveRequest: "Approve next",
  refuseRequest: "Refuse next",
  finishRequest: "Request done",
  showTrack: "Track",
  nextTurn: "Next",
  holdTurns: "Stand still",
  winRound: "Round",
};

/** What a key is called until somebody calls it otherwise. */
export function titleOf(view: DeskView, { about, deed, figures }: Call): string {
  const name =
    view.controls.find((one) => one.piece === about)?.name ??
    view.sequences.find((one) => one.id === about)?.name ??
    "";
  const times = figures["times"] ?? figures["by"];
  const by =
    typeof times === "number" && deed !== "turnCards" ? `${times < 0 ? "−" : "+"}${String(Math.abs(times))}` : "";
  const seconds = figures["seconds"];
  const time =
    typeof seconds === "number" && seconds !== 0
      ? `${seconds < 0 ? "−" : deed === "startBreak" ? "" : "+"}${String(Math.abs(seconds) / 60)} min`
      : "";
  return [name, WORDS[deed] ?? "", by, deed === "showCards" || deed === "putUp" ? "" : time]
    .filter((part) => part !== "")
    .join(" ");
}

/** Fifteen keys as they were kept; what is no key is an empty one. */
export function keysFrom(kept: string | null): (DeckKey | null)[] {
  let list: unknown = [];
  try {
    list = JSON.parse(kept ?? "[]");
  } catch {
    // What cannot be read is begun anew.
  }
  const all = Array.isArray(list) ? (list as unknown[]) : [];
  return Array.from({ length: KEYS }, (_, i) => {
    const one = all[i] as Partial<DeckKey> | null | undefined;
    const whole =
      typeof one?.about === "string" &&
      typeof one.deed === "string" &&
      typeof one.title === "string" &&
      typeof one.picture === "string" &&
      typeof one.figures === "object";
    return whole ? (one as DeckKey) : null;
  });
}
