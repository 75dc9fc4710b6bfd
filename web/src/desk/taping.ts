import { create } from "zustand";
import type { Schemas } from "../api/client";
import type { Cue } from "../show/useShow";

type Step = Schemas["Step"];

interface Taping {
  taping: boolean;
  steps: Step[];
  last: number;
  start: () => void;
  stop: () => void;
  /** Takes down what was done; what belongs to sequences themselves is left out. */
  took: (cue: Cue) => void;
}

/** What is pressed while a sequence is made, with the pauses between, rounded to a tenth of a second. */
export const useTaped = create<Taping>((set, get) => ({
  taping: false,
  steps: [],
  last: 0,
  start: () => set({ taping: true, steps: [], last: 0 }),
  stop: () => set({ taping: false, steps: [] }),
  took: (cue) => {
    const { taping, steps, last } = get();
    if (!taping || /Sequence$/.test(cue.cue)) return;
    const now = performance.now();
    const after = last === 0 ? 0 : Math.round((now - last) / 100) * 100;
    set({ steps: [...steps, { after, cue }], last: now });
  },
}));
