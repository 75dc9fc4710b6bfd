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

/** Counting down a started second counts as whole, counting up only whole ones do. Hours from a day on. */
export function written(mode: Dial["mode"], millis: number): string {
  const all = Math.floor((millis + (mode === "DOWN" ? 999 : 0)) / 1000);
  const two = (value: number) => String(value).padStart(2, "0");
  const minutes = Math.floor(all / 60);
  if (minutes < 24 * 60) return `${two(minutes)}:${two(all % 60)}`;
  return `${String(Math.floor(minutes / 60))}:${two(minutes % 60)}:${two(all % 60)}`;
}

/** The seconds that somebody typed: 90 for minutes alone, 1:30, 1:30:00. Undefined for what is no time. */
export function seconds(text: string): number | undefined {
  const parts = text.trim().split(":");
  if (parts.length > 3 || parts.some((part) => !/^\d{1,4}$/.test(part))) return undefined;
  const numbers = parts.map(Number);
  if (numbers.slice(1).some((number) => number > 59)) return undefined;
  const [hours, minutes, rest] =
    numbers.length === 3 ? numbers : numbers.length === 2 ? [0, ...numbers] : [0, numbers[0], 0];
  return (hours ?? 0) * 3600 + (minutes ?? 0) * 60 + (rest ?? 0);
}
