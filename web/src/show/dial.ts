import type { Schemas } from "../api/client";

type Dial = Schemas["Dial"];

/** Milliseconds that a clock shows at an instant. */
export function shown({ mode, run, length }: Dial, now: number): number {
  if (run.state === "RUNNING") return Math.max(0, mode === "DOWN" ? run.millis - now : now - run.millis);
  return run.millis > 0 ? run.millis : length;
}

/** How it stands, in a word. */
export function standing(dial: Dial, now: number): string {
  if (dial.run.state === "PAUSED") return "paused";
  if (dial.run.state === "STANDING") return "stands";
  if (dial.mode === "DOWN" && now >= dial.run.millis) return "at zero";
  return dial.toward === "" ? "runs" : `runs to ${dial.toward}`;
}

/** Counting down a started second counts as whole, counting up only whole ones do. */
export function written(mode: Dial["mode"], millis: number): string {
  const seconds = Math.floor((millis + (mode === "DOWN" ? 999 : 0)) / 1000);
  return `${String(Math.floor(seconds / 60)).padStart(2, "0")}:${String(seconds % 60).padStart(2, "0")}`;
}
