import { describe, expect, it } from "vitest";
import type { DeskView } from "./door";
import { foreseen } from "./foresee";

const NOW = 5_000_000;

function desk(): DeskView {
  return {
    version: 3,
    pause: null,
    controls: [
      {
        piece: "sightings",
        seen: true,
        tallies: [{ field: "value", value: 9, step: 2, least: 0, most: 10, live: false }],
        dial: null,
        deck: null,
      },
      {
        piece: "countdown",
        seen: true,
        tallies: [],
        dial: { mode: "DOWN", run: { state: "STANDING", millis: 0, length: 0 }, length: 300_000, toward: "" },
        deck: { cards: [{}, {}, {}], up: 2, shown: false, own: false, end: 0, next: 0 },
      },
    ],
  } as unknown as DeskView;
}

const after = (...cues: Parameters<typeof foreseen>[1][]) =>
  cues.reduce((view, cue, i) => foreseen(view, cue, NOW + i * 1000), desk());

describe("what a desk will look like", () => {
  it("counts by the step and stays within its ends", () => {
    const cue = { cue: "stepCount", piece: "sightings", field: "value", times: 1 } as const;
    expect(after(cue).controls[0]?.tallies[0]?.value).toBe(10);
    expect(after({ ...cue, times: -2 }).controls[0]?.tallies[0]?.value).toBe(5);
  });

  it("lets a clock run from what it showed, and keeps what is left when it is paused", () => {
    const dial = (...cues: Parameters<typeof foreseen>[1][]) => after(...cues).controls[1]?.dial?.run;
    const start = { cue: "startClock", piece: "countdown" } as const;
    expect(dial(start)).toMatchObject({ state: "RUNNING", millis: NOW + 300_000 });
    expect(dial(start, { cue: "pauseClock", piece: "countdown" })).toMatchObject({ state: "PAUSED", millis: 299_000 });
    expect(dial(start, { cue: "addTime", piece: "countdown", seconds: 60 })).toMatchObject({ millis: NOW + 360_000 });
  });

  it("goes round the cards, and takes the prepared one", () => {
    const turned = after({ cue: "turnCards", piece: "countdown", by: 1 }).controls[1]?.deck;
    expect(turned).toMatchObject({ up: 0, shown: false });
    const taken = after({ cue: "takeCard", piece: "countdown", seconds: 5 }).controls[1]?.deck;
    expect(taken).toMatchObject({ up: 0, shown: true, end: NOW + 5000, next: 1 });
  });

  it("begins, lengthens and ends a break", () => {
    const start = { cue: "startBreak", seconds: 60, words: "", picture: "" } as const;
    expect(after(start).pause).toMatchObject({ from: NOW, until: NOW + 60_000, muted: false });
    expect(after(start, { cue: "lengthenBreak", seconds: 60 }).pause?.until).toBe(NOW + 120_000);
    expect(after(start, { cue: "endBreak" }).pause).toBeNull();
  });

  it("leaves everything else as it is", () => {
    expect(after({ cue: "showPiece", piece: "nobody", shown: false })).toEqual(desk());
  });
});
