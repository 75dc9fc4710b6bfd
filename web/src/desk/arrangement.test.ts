import { describe, expect, it } from "vitest";
import { arrangement, moved, PARTS, STANDARD } from "./arrangement";
import { callOf, curl, plainAddress } from "./choosing";

describe("how somebody wants their desk", () => {
  it("is kept, and what came since stands where it stands by itself", () => {
    const kept = arrangement('{"order":["cards","break"],"folded":["cards","nothing"],"large":["break"]}');
    expect(kept.order.filter((part) => part === "cards" || part === "break")).toEqual(["cards", "break"]);
    expect([...kept.order].sort()).toEqual([...PARTS].sort());
    expect(kept.folded).toEqual(["cards"]);
    expect(kept.large).toEqual(["break"]);
  });

  it("is the standard where nothing that makes sense was kept", () => {
    expect(arrangement(null)).toEqual(STANDARD);
    expect(arrangement("[")).toEqual(STANDARD);
  });

  it("moves a part past the next one that is there", () => {
    const there = ["break", "cards", "done"] as const;
    expect(moved(PARTS, "cards", -1, there).indexOf("cards")).toBe(0);
    expect(moved(PARTS, "break", -1, there)).toEqual(PARTS);
  });
});

describe("a control as a button", () => {
  it("is an address alone where its figures are plain", () => {
    const call = callOf({ cue: "stepCount", piece: "sightings", field: "value", times: -1 });
    expect(plainAddress("http://h/cues/t", call)).toBe("http://h/cues/t/sightings/stepCount?field=value&times=-1");
    expect(curl("http://h/cues/t", call)).toBe(
      `curl -X POST 'http://h/cues/t/sightings/stepCount' -H 'Content-Type: application/json' -d '{"field":"value","times":-1}'`,
    );
  });

  it("turns what is seen the other way round", () => {
    expect(callOf({ cue: "showPiece", piece: "tide", shown: false })).toEqual({
      about: "tide",
      deed: "showPiece",
      figures: {},
    });
  });

  it("has no plain address for a list", () => {
    const call = callOf({ cue: "writeCards", piece: "guest", cards: [{ label: "Mirela’s", value: "" }] });
    expect(plainAddress("http://h", call)).toBe("");
  });

  it("is about the show where it is about no piece", () => {
    expect(callOf({ cue: "endBreak" })).toEqual({ about: "show", deed: "endBreak", figures: {} });
  });
});
