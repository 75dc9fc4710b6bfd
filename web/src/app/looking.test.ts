import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Looking } from "./looking";

describe("Looking", () => {
  /** The looks that were begun, each to be answered from here. */
  let begun: ((seen: boolean) => void)[];
  let looking: Looking;

  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("window", globalThis);
    begun = [];
    looking = new Looking(() => new Promise((answer) => begun.push(answer)), {
      least: 400,
      patiently: 8,
      longest: 4000,
    });
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const answered = async (seen: boolean, after: number) => {
    await vi.advanceTimersByTimeAsync(after);
    begun.at(-1)?.(seen);
    await vi.advanceTimersByTimeAsync(0);
  };

  it("looks at once, and once more for all that was asked meanwhile", async () => {
    looking.look();
    expect(begun).toHaveLength(1);
    looking.look();
    looking.look();
    await answered(true, 10);
    expect(begun).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(400);
    expect(begun).toHaveLength(2);
    await answered(true, 10);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(begun).toHaveLength(2);
  });

  it("looks less often while looking takes long", async () => {
    looking.look();
    await answered(true, 200);
    looking.look();
    await vi.advanceTimersByTimeAsync(1500);
    expect(begun).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(200);
    expect(begun).toHaveLength(2);
  });

  it("does not rest for a minute after one slow look", async () => {
    looking.look();
    await answered(true, 3900);
    looking.look();
    await vi.advanceTimersByTimeAsync(5000);
    expect(begun).toHaveLength(2);
  });

  it("is not held up by a look that never comes", async () => {
    looking.look();
    await vi.advanceTimersByTimeAsync(1000);
    looking.look();
    await vi.advanceTimersByTimeAsync(5000);
    expect(begun).toHaveLength(2);
  });

  it("looks again by itself after one that did not come", async () => {
    looking.look();
    await answered(false, 10);
    await vi.advanceTimersByTimeAsync(5000);
    expect(begun).toHaveLength(2);
    await answered(true, 10);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(begun).toHaveLength(2);
  });

  it("looks at once when asked after one that did not come, and not twice", async () => {
    looking.look();
    await answered(false, 10);
    await vi.advanceTimersByTimeAsync(500);
    looking.look();
    expect(begun).toHaveLength(2);
    await answered(true, 10);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(begun).toHaveLength(2);
  });

  it("ends while something is looked at", async () => {
    looking.look();
    looking.end();
    await answered(false, 10);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(begun).toHaveLength(1);
  });

  it("leaves no timer behind", async () => {
    looking.look();
    await answered(true, 10);
    await vi.advanceTimersByTimeAsync(400);
    expect(vi.getTimerCount()).toBe(0);
  });

  it("ends", async () => {
    looking.look();
    await answered(false, 10);
    looking.end();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(begun).toHaveLength(1);
  });
});
