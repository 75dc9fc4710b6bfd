/** Changes of a script as text: JSON lines, of which each is one signal and the place of it among the others its number. */

/** What is changed of a signal, seconds after the beginning among it. */
export type LinePart = Record<string, unknown> & { at?: number };

const LATEST = 43_200;

function lines(text: string): string[] {
  return text.split("\n").filter((line) => line.trim() !== "");
}

function at(line: string): number {
  const value = (JSON.parse(line) as { at?: unknown }).at;
  return typeof value === "number" ? value : 0;
}

/** By time; what happens at once stays in its order. */
function written(all: string[]): string {
  return all
    .map((line) => ({ line, at: at(line) }))
    .sort((one, other) => one.at - other.at)
    .map(({ line }) => `${line}\n`)
    .join("");
}

/** Tenths of a second, within the longest script. */
export function within(seconds: number): number {
  return Math.min(LATEST, Math.max(0, Math.round(seconds * 10) / 10));
}

export function changedLine(text: string, index: number, part: LinePart): string {
  return written(
    lines(text).map((line, i) =>
      i === index ? JSON.stringify({ ...(JSON.parse(line) as Record<string, unknown>), ...part }) : line,
    ),
  );
}

export function withoutLine(text: string, index: number): string {
  return written(lines(text).filter((_, i) => i !== index));
}

export function withLine(text: string, line: LinePart): string {
  return written([...lines(text), JSON.stringify(line)]);
}

/** Where a signal is after a change: the last of those at its time. */
export function indexAt(text: string, seconds: number): number {
  return lines(text).filter((line) => at(line) <= seconds).length - 1;
}
