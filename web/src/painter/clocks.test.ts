import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { tickClocks, type Clock } from "./clocks";
import { ServerClock } from "./serverClock";

/** As much of an element as a clock needs. */
const cell = () =>
  ({
    textContent: "",
    style: {},
    setAttribute: () => undefined,
    removeAttribute: () => undefined,
  }) as unknown as Element;

function clock(change: Partial<Clock>): Clock {
  const format = change.format ?? "mm:ss";
  return {
    mode: "down",
    instant: 0,
    length: 0,
    format,
    zone: "UTC",
    cells: Array.from(format, cell),
    running: cell(),
    ended: cell(),
    ...change,
  };
}

const shown = (of: Clock) => of.cells.map((one) => one.textContent).join("");
const SEVEN = Date.UTC(2026, 10, 24, 19, 0, 0);

describe("clocks", () => {
  it("count down to an instant and start the next second just after it begins", () => {
    const down = clock({ instant: SEVEN + 65_000 });
    expect(tickClocks([down], SEVEN)).toBeLessThanOrEqual(1001);
    expect(shown(down)).toBe("01:05");
    tickClocks([down], SEVEN + 64_001);
    expect(shown(down)).toBe("00:01");
  });

  it("have room for more than a hundred minutes, blank in front of fewer", () => {
    const long = clock({ format: "mmm:ss", instant: SEVEN + 120 * 60_000 });
    tickClocks([long], SEVEN);
    expect(shown(long)).toBe("120:00");
    tickClocks([long], SEVEN + 115 * 60_000);
    expect(shown(long)).toBe(" 05:00");
  });

  it("tick where something without a time of its own goes at their end", () => {
    const words = clock({ format: "", instant: SEVEN + 5000 });
    const down = clock({ instant: SEVEN + 5000 });
    tickClocks([words, down], SEVEN);
    expect(shown(down)).toBe("00:05");
  });

  it("stop asking for seconds when the time is over", () => {
    expect(tickClocks([clock({ instant: SEVEN })], SEVEN + 1)).toBeNull();
  });

  it("stand still without an instant", () => {
    expect(tickClocks([clock({ length: 300_000 })], SEVEN)).toBeNull();
  });

  it("count up from an instant", () => {
    const up = clock({ mode: "up", instant: SEVEN });
    tickClocks([up], SEVEN + 3 * 60_000 + 7_000);
    expect(shown(up)).toBe("03:07");
  });

  it("show the time of the day where the clock is", () => {
    const day = clock({ mode: "day", format: "HH:mm", zone: "Europe/Berlin" });
    tickClocks([day], SEVEN);
    expect(shown(day)).toBe("20:00");
  });

  it("several clocks wake at the earliest next second", () => {
    const wait = tickClocks([clock({ instant: SEVEN + 10_400 }), clock({ instant: SEVEN + 10_700 })], SEVEN);
    expect(wait).toBeLessThanOrEqual(701);
  });
});

describe("the server's clock", () => {
  beforeEach(() => vi.useFakeTimers({ now: 1_000_000 }));
  afterEach(() => vi.useRealTimers());

  it("is set roughly by the first message and exactly by the shortest exchange", () => {
    const server = new ServerClock();
    server.rough(1_005_000);
    expect(server.now()).toBe(1_005_000);
    vi.setSystemTime(1_000_100);
    expect(server.measured(1_000_000, 1_005_040)).toBe(true);
    expect(server.now()).toBe(1_005_090);
    vi.setSystemTime(1_000_510);
    expect(server.measured(1_000_500, 1_005_500)).toBe(true);
    expect(server.now()).toBe(1_005_505);
  });

  it("is not moved by a slower exchange", () => {
    const server = new ServerClock();
    server.measured(1_000_000, 1_005_000);
    vi.setSystemTime(1_001_000);
    expect(server.measured(1_000_400, 1_009_000)).toBe(false);
    expect(server.now()).toBe(1_006_000);
  });

  it("is set roughly only before it was measured", () => {
    const server = new ServerClock();
    server.measured(1_000_000, 1_005_000);
    server.rough(7);
    expect(server.now()).toBe(1_005_000);
  });
});
