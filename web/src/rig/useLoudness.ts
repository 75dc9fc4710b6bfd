import { create } from "zustand";

interface Loudness {
  /** Momentary, in LUFS; null while nothing is heard. */
  now: number | null;
  /** The most that it was. */
  most: number;
}

interface LoudnessStore {
  /** By the id of the source. */
  sources: Record<string, Loudness | undefined>;
  heard: (source: string, lufs: number | null) => void;
}

/** How loud each source of the practice rig is. */
export const useLoudness = create<LoudnessStore>((set) => ({
  sources: {},
  heard: (source, lufs) =>
    set(({ sources }) => ({
      sources: {
        ...sources,
        [source]: { now: lufs, most: Math.max(sources[source]?.most ?? -Infinity, lufs ?? -Infinity) },
      },
    })),
}));
