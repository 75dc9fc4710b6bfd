import { describe, expect, it } from "vitest";
import type { DeskView } from "../desk/door";
import { keysFrom, keyState, pressed, titleOf, type KeyState } from "./keys";

const NOW = 1_000_000;
const control = (over: Partial<DeskView["controls"][number]>): DeskView["controls"][number] => ({
  piece: "sightings",
  kind: "COUNTER",
  name: "Sightings",
  alike: [],
  held: false,
  seen: true,
  dial: null,
  tallies: [{ field: "value", title: "Number", value: 7, step: 1, least: -10, most: 10, live: false, held: false }],
  sides: false,
  rounds: false,
  tints: [],
  added: null,
  deck: null,
  orders: [],
  lines: [],
  ...over,
});
const view = (over: Partial<DeskView>): DeskView => ({
  show: "s",
  name: "Reedlight Hide",
  version: 1,
  now: NOW,
  holder: "Tove",
  pass: true,
  goodTill: null,
  canUndo: false,
  canRedo: false,
  may: [],
  themes: [],
  controls: [control({})],
  pause: null,
  notices: null,
  viewers: null,
  requests: null,
  tracks: null,
  pictures: [],
  sequences: [],
  queue: null,
  done: [],
  letters: 500,
  look: "r1",
  arrived: { on: 0, of: 0 },
  ...over,
});
const call = (about: string, deed: string, figures = {}) => ({ about, deed, figures });

describe("a key of a deck", () => {
  it("shows the count that it changes", () => {
    expect(keyState(view({}), call("sightings", "stepCount", { field: "value", times: 1 }), NOW).value).toBe("7");
  });

  it("is on while a break is, and counts on past its end", () => {
    const on = view({ pause: { from: NOW - 60_000, until: NOW - 5000, words: "", picture: "", muted: false } });
    expect(keyState(on, call("show", "startBreak"), NOW)).toEqual({ value: "+00:05", on: true, lost: false });
    expect(keyState(view({}), call("show", "startBreak"), NOW).on).toBe(false);
  });

  it("says that its piece is gone", () => {
    expect(keyState(view({ controls: [] }), call("sightings", "stepCount"), NOW).lost).toBe(true);
  });

  it("follows the card that it puts up", () => {
    const cards = [
      { label: "Tove Sedge", value: "" },
      { label: "Oskar Dunlin", value: "" },
    ];
    const guest = control({ piece: "guest", deck: { cards, up: 1, shown: true, own: false, end: 0, next: 0 } });
    const there = view({ controls: [guest] });
    expect(keyState(there, call("guest", "putUp", { card: 1 }), NOW)).toEqual({
      value: "Oskar Dunlin",
      on: true,
      lost: false,
    });
    expect(keyState(there, call("guest", "putUp", { card: 0 }), NOW).on).toBe(false);
  });

  it("ends what it began, where that is allowed", () => {
    const on: KeyState = { value: "", on: true, lost: false };
    expect(pressed(call("show", "startBreak"), on, () => true).deed).toBe("endBreak");
    expect(pressed(call("show", "startBreak"), on, () => false).deed).toBe("startBreak");
    expect(pressed(call("show", "startBreak"), { ...on, on: false }, () => true).deed).toBe("startBreak");
    expect(pressed(call("sightings", "stepCount"), on, () => true).deed).toBe("stepCount");
  });

  it("is called after what it does", () => {
    expect(titleOf(view({}), call("sightings", "stepCount", { times: -2 }))).toBe("Sightings −2");
    expect(titleOf(view({}), call("show", "startBreak", { seconds: 180 }))).toBe("Break 3 min");
  });

  it("is empty where nothing that makes sense was kept", () => {
    expect(keysFrom("no JSON").every((key) => key === null)).toBe(true);
    expect(keysFrom('[{"about":1},{"about":"a","deed":"b","figures":{},"title":"c","picture":""}]')[1]?.title).toBe(
      "c",
    );
    expect(keysFrom(null)).toHaveLength(15);
  });
});
