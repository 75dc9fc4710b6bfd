import { QueryObserver } from "@tanstack/react-query";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Queries } from "../app/queries";
import { lookAtShow } from "./useShow";

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("window", globalThis);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

/** A page that shows what a show says; each answer takes so many milliseconds and tells how far the show has come. */
async function page(millis: number) {
  const queries = new Queries();
  const told = { asked: 0, version: 0, shown: -1 };
  const queryFn = () => {
    told.asked++;
    const { version } = told;
    return new Promise<number>((resolve) => setTimeout(() => resolve(version), millis));
  };
  new QueryObserver(queries, { queryKey: ["show", "s"], queryFn }).subscribe(({ data }) => (told.shown = data ?? -1));
  await vi.advanceTimersByTimeAsync(millis);
  return { queries, told };
}

test("one cue is seen as soon as the server answers", async () => {
  const { queries, told } = await page(20);
  told.version = 1;
  lookAtShow(queries, "s");
  await vi.advanceTimersByTimeAsync(21);
  expect(told.shown).toBe(1);
});

test("of cues in a burst the last is seen, and the server is asked a few times", async () => {
  const { queries, told } = await page(50);
  for (let cue = 1; cue <= 100; cue++) {
    told.version = cue;
    lookAtShow(queries, "s");
    await vi.advanceTimersByTimeAsync(10);
  }
  const during = told.asked - 1;
  expect(during, "in a second").toBeLessThanOrEqual(6);
  expect(during).toBeGreaterThanOrEqual(3);
  await vi.advanceTimersByTimeAsync(400);
  expect(told.shown).toBe(100);
});

test("another show is looked at by itself", async () => {
  const { queries, told } = await page(20);
  lookAtShow(queries, "other");
  told.version = 7;
  lookAtShow(queries, "s");
  await vi.advanceTimersByTimeAsync(21);
  expect(told.shown).toBe(7);
});
