import { describe, expect, it } from "vitest";
import type { Schemas } from "../api/client";
import { shown, standing, written } from "./dial";

function dial(over: Partial<Schemas["Dial"]>): Schemas["Dial"] {
  return {
    mode: "DOWN",
    run: { state: "STANDING", millis: 0, length: 0 },
    length: 300_000,
    toward: "",
    then: "",
    ...over,
  };
}

describe("a clock of a show", () => {
  it("shows what its theme says until it is started", () => {
    expect(written("DOWN", shown(dial({}), 5))).toBe("05:00");
    expect(standing(dial({}), 5)).toBe("stands");
  });

  it("counts down to its instant, a started second as a whole one", () => {
    const running = dial({ run: { state: "RUNNING", millis: 100_000, length: 300_000 } });
    expect(written("DOWN", shown(running, 38_001))).toBe("01:02");
    expect(standing(running, 99_999)).toBe("runs");
    expect(standing(running, 100_000)).toBe("at zero");
    expect(written("DOWN", shown(running, 200_000))).toBe("00:00");
    expect(standing({ ...running, toward: "20:00" }, 0)).toBe("runs to 20:00");
  });

  it("counts up from its instant, whole seconds only", () => {
    const up = dial({ mode: "UP", length: 0, run: { state: "RUNNING", millis: 1000, length: 0 } });
    expect(written("UP", shown(up, 62_999))).toBe("01:01");
    expect(standing(up, 9_000_000)).toBe("runs");
  });

  it("keeps what was left while it is paused", () => {
    const paused = dial({ run: { state: "PAUSED", millis: 61_000, length: 300_000 } });
    expect(written("DOWN", shown(paused, 1e12))).toBe("01:01");
    expect(standing(paused, 0)).toBe("paused");
  });
});
