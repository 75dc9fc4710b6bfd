import { create } from "zustand";
import type { Cue } from "../show/useShow";
import type { AlertWish } from "./door";

/** A deed by its address, see docs/protocol.md. */
export interface Call {
  /** Id of a piece or sequence, or “show”. */
  about: string;
  deed: string;
  /** What is sent; what is left out has its standard. */
  figures: Record<string, unknown>;
}

interface Choosing {
  /** Takes what is pressed in place of doing it; null while presses are done. */
  chooser: ((call: Call, cue?: Cue) => void) | null;
  choose: (chooser: ((call: Call, cue?: Cue) => void) | null) => void;
}

export const useChoosing = create<Choosing>((set) => ({
  chooser: null,
  choose: (chooser) => set({ chooser }),
}));

/** Without figures that say how it is now: the other way round is what a button is for. */
export function callOf(cue: Cue): Call {
  const { cue: deed, ...rest } = cue as Cue & Record<string, unknown>;
  const { piece, sequence, ...figures } = rest as Record<string, unknown>;
  if (deed === "showPiece" || deed === "showCards" || deed === "showTrack") delete figures["shown"];
  if (deed === "holdTurns") delete figures["held"];
  // Whichever comes first when the button is pressed.
  if (deed.endsWith("Request")) delete figures["request"];
  const about = typeof piece === "string" ? piece : typeof sequence === "string" ? sequence : "show";
  return { about, deed, figures };
}

export function alertCall(wish: AlertWish): Call {
  const deed = wish.deed === "DROP_ALL" ? "dropAll" : wish.deed.toLowerCase();
  const one = wish.deed === "DROP" || wish.deed === "MOVE";
  return { about: "show", deed, figures: one ? { alert: wish.alert, showing: wish.showing } : {} };
}

/** The same as a call that can be pasted into a terminal. */
export function curl(address: string, { about, deed, figures }: Call): string {
  const body = Object.keys(figures).length > 0;
  const json = JSON.stringify(figures).replaceAll("'", "'\\''");
  return `curl -X POST '${address}/${about}/${deed}'${body ? ` -H 'Content-Type: application/json' -d '${json}'` : ""}`;
}

/** The same as an address alone, for buttons that can send nothing else; empty where a figure is no plain value. */
export function plainAddress(address: string, { about, deed, figures }: Call): string {
  const entries = Object.entries(figures);
  if (entries.some(([, value]) => typeof value === "object")) return "";
  const query = entries.map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`).join("&");
  return `${address}/${about}/${deed}${query === "" ? "" : `?${query}`}`;
}
