import { create } from "zustand";

/** The parts of a desk, in the order in which they stand until somebody moves them. */
export const PARTS = [
  "break",
  "alerts",
  "notices",
  "clocks",
  "counts",
  "cards",
  "points",
  "requests",
  "track",
  "lines",
  "sequences",
  "viewers",
  "sight",
  "words",
  "done",
] as const;
export type Part = (typeof PARTS)[number];

/** How somebody wants their desk on this device. */
export interface Arrangement {
  order: Part[];
  folded: Part[];
  large: Part[];
}

export const STANDARD: Arrangement = { order: [...PARTS], folded: ["words"], large: [] };

/** What was kept, as far as it still makes sense; parts that came since stand where they stand by themselves. */
export function arrangement(kept: string | null): Arrangement {
  try {
    const { order, folded, large } = JSON.parse(kept ?? "") as Partial<Record<keyof Arrangement, unknown>>;
    const parts = (list: unknown) =>
      Array.isArray(list)
        ? PARTS.filter((part) => list.includes(part)).sort((a, b) => list.indexOf(a) - list.indexOf(b))
        : [];
    const known = parts(order);
    const all = [...known];
    PARTS.forEach((part, i) => {
      if (!known.includes(part)) all.splice(i, 0, part);
    });
    return { order: all, folded: parts(folded), large: parts(large) };
  } catch {
    return STANDARD;
  }
}

/** One place up or down among those that are there. */
export function moved(order: readonly Part[], part: Part, by: -1 | 1, there: readonly Part[]): Part[] {
  const seen = order.filter((one) => there.includes(one));
  const other = seen[seen.indexOf(part) + by];
  if (!other) return [...order];
  return order.map((one) => (one === part ? other : one === other ? part : one));
}

interface Store extends Arrangement {
  key: string;
  open: (key: string) => void;
  change: (next: Partial<Arrangement>) => void;
  reset: () => void;
}

/** Kept in this browser: a phone and a wide page of the same person want different ones. */
export const useArrangement = create<Store>((set, get) => ({
  ...STANDARD,
  key: "",
  open: (key) => set({ key, ...arrangement(localStorage.getItem(`brandeon-desk-${key}`)) }),
  change: (next) => {
    set(next);
    const { key, order, folded, large } = get();
    localStorage.setItem(`brandeon-desk-${key}`, JSON.stringify({ order, folded, large }));
  },
  reset: () => get().change(STANDARD),
}));
