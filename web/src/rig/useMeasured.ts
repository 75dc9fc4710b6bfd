import { useEffect } from "react";
import { create } from "zustand";

/** Of what a scene costs here, by the median of some looks. */
export interface Measured {
  /** Frames a second of the page that shows it. */
  frames: number;
  /** Megabytes that the scripts of the fullest process of its pages hold; 0 where the browser does not say. */
  heap: number;
}

interface MeasuredStore {
  /** By scene, moving or still. */
  scenes: Record<string, Measured | undefined>;
  /** By source: megabytes. */
  heaps: Record<string, number | undefined>;
  took: (scene: string, measured: Measured) => void;
  holds: (source: string, megabytes: number) => void;
}

export const useMeasured = create<MeasuredStore>((set) => ({
  scenes: {},
  heaps: {},
  took: (scene, measured) => set(({ scenes }) => ({ scenes: { ...scenes, [scene]: measured } })),
  holds: (source, megabytes) => set(({ heaps }) => ({ heaps: { ...heaps, [source]: megabytes } })),
}));

/** A scene that has just come on is left to settle; milliseconds. */
const SETTLES = 2000;
const LOOK = 1000;
const LOOKS = 5;

/**
 * Counts the frames of this page while a scene is on.
 *
 * @param key     of the scene, moving or still
 * @param sources ids of the sources that are open
 */
export function useFrameCount(key: string, sources: string[]): void {
  const took = useMeasured((state) => state.took);
  const open = sources.join(" ");
  useEffect(() => {
    const rates: number[] = [];
    let frames = 0;
    let begin = performance.now() + SETTLES;
    let request = 0;
    const step = (now: number) => {
      request = requestAnimationFrame(step);
      if (now < begin) return;
      frames++;
      if (now - begin < LOOK) return;
      rates.push(((frames - 1) * 1000) / (now - begin));
      if (rates.length > LOOKS) rates.shift();
      frames = 0;
      begin = now;
      const { heaps } = useMeasured.getState();
      // Each of them says what all scripts of its process hold, and which share one is not known.
      const heap = Math.max(0, ...open.split(" ").map((source) => heaps[source] ?? 0));
      took(key, { frames: [...rates].sort((a, b) => a - b)[Math.floor(rates.length / 2)] ?? 0, heap });
    };
    request = requestAnimationFrame(step);
    return () => cancelAnimationFrame(request);
  }, [key, open, took]);
}
