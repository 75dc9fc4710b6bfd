import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ServerClock } from "./serverClock";

describe("the server's clock", () => {
  let clock: ServerClock;
  beforeEach(() => {
    vi.useFakeTimers();
    vi.setSystemTime(1000);
    clock = new ServerClock();
  });
  afterEach(() => void vi.useRealTimers());

  it("is the local one until something is known", () => {
    expect(clock.now()).toBe(1000);
  });

  it("is set roughly by the first message and runs on", () => {
    clock.rough(5000);
    vi.setSystemTime(1500);
    expect(clock.now()).toBe(5500);
  });

  it("is set by half the way of an answer", () => {
    vi.setSystemTime(1200);
    expect(clock.measured(1000, 9000)).toBe(true);
    expect(clock.now()).toBe(9100);
  });

  it("keeps the answer that took the least time", () => {
    vi.setSystemTime(1020);
    clock.measured(1000, 9000);
    vi.setSystemTime(1400);
    expect(clock.measured(1200, 20_000)).toBe(false);
    expect(clock.now()).toBe(9390);
    vi.setSystemTime(1410);
    expect(clock.measured(1400, 9400)).toBe(true);
    expect(clock.now()).toBe(9405);
  });

  it("is not set roughly any more once it was measured", () => {
    clock.measured(1000, 9000);
    clock.rough(70_000);
    expect(clock.now()).toBe(9000);
  });
});
