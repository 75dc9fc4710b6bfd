import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { one } from "./particles";

interface Case {
  particles: Parameters<typeof one>[0];
  number: number;
  seconds: number;
  width: number;
  height: number;
  grain: ReturnType<typeof one>;
}

/** The same record holds core's computation (ParticlesTest), so that neither side can change alone. */
const cases = JSON.parse(readFileSync("../core/src/test/resources/particles.json", "utf8")) as Case[];

describe("particles", () => {
  it.each(cases)("$number of $particles.count at $seconds s are where they always were", (known) => {
    const grain = one(known.particles, known.number, known.seconds, known.width, known.height);
    for (const key of ["x", "y", "size", "turn", "opacity"] as const) {
      expect(grain[key]).toBeCloseTo(known.grain[key], 9);
    }
  });
});
