import { describe, expect, it } from "vitest";
import { into, played, RECORDINGS, told, type Player } from "./recordings";

const player = (over: Partial<Player> = {}): Player => ({ which: 0, position: 0, since: 0, playing: true, ...over });

describe("the practice player", () => {
  it("goes on while it plays, and stands where it was while it does not", () => {
    expect(into(player(), 12_000)).toBe(12);
    expect(into(player({ position: 20, playing: false }), 12_000)).toBe(20);
  });

  it("plays the next recording after one is over, and the first after the last", () => {
    expect(played(player(), 94_500)).toMatchObject({ which: 1, position: 0, since: 94_000 });
    const last = RECORDINGS.length - 1;
    expect(played(player({ which: last }), 31_000)).toMatchObject({ which: 0, since: 31_000 });
    // Ninety-four seconds and two hundred and twelve: both are over.
    expect(played(player(), 306_001).which).toBe(2);
  });

  it("says what it plays and how far that is", () => {
    expect(told(player({ which: 2 }), 1250)).toEqual({
      title: "Rain on the hide roof",
      artist: "Saltmarsh Sal",
      position: 1.3,
      length: 48,
      playing: true,
    });
  });
});
