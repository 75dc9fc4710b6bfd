/** What the practice rig tells a source that it runs, since within another page a browser cannot know it. */
export interface Told {
  brandeon: "source";
  /** Whether viewers of the rig's program see it. */
  seen: boolean;
  program: string;
  /** How often it was loaded there. */
  loads: number;
  /** Its place in its scene, counted from the bottom. */
  order: number;
  /** How many captures stand above it. */
  under: number;
}

/** A source within another page has begun to listen to it. */
export interface Listening {
  brandeon: "listening";
}

/** What a source tells the practice rig of itself. */
export interface Loud {
  brandeon: "loudness";
  /** Momentary, in LUFS; null while nothing is heard. */
  lufs: number | null;
  /** Megabytes that its script holds; 0 where the browser does not say. */
  heap: number;
}

export function isListening(data: unknown): data is Listening {
  return (data as Partial<Listening> | null)?.brandeon === "listening";
}

export function isLoud(data: unknown): data is Loud {
  const loud = data as Partial<Loud> | null;
  return (
    typeof loud === "object" &&
    loud?.brandeon === "loudness" &&
    typeof loud.heap === "number" &&
    (loud.lufs === null || (typeof loud.lufs === "number" && Number.isFinite(loud.lufs)))
  );
}

export function isTold(data: unknown): data is Told {
  const told = data as Partial<Told> | null;
  return (
    typeof told === "object" &&
    told?.brandeon === "source" &&
    typeof told.seen === "boolean" &&
    typeof told.program === "string" &&
    [told.loads, told.order, told.under].every((figure) => Number.isInteger(figure))
  );
}
