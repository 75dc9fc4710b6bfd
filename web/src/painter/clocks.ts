/** A clock inside a picture: cells for its characters, and what stands there when the time is over. */
export interface Clock {
  /** "down" to an instant, "up" from one, or the time of the "day". */
  mode: string;
  instant: number;
  length: number;
  format: string;
  zone: string;
  cells: Element[];
  running: Element;
  ended: Element;
}

export function findClocks(host: Element): Clock[] {
  return [...host.querySelectorAll<SVGGElement>("g[data-instant]")].flatMap((group) => {
    const running = group.querySelector('[data-clock="running"]');
    const ended = group.querySelector('[data-clock="ended"]');
    if (!running || !ended) return [];
    const { mode = "down", instant, length, format = "mm:ss", zone = "UTC" } = group.dataset;
    return [
      {
        mode,
        instant: Number(instant),
        length: Number(length),
        format,
        zone,
        cells: format === "" ? [] : [...running.children],
        running,
        ended,
      },
    ];
  });
}

/** Paints the present second; returns how long until the next one, or null when no clock runs. */
export function tickClocks(clocks: Clock[], now: number): number | null {
  let wait: number | null = null;
  for (const clock of clocks) {
    const over = isOver(clock, now);
    show(clock.running, !over);
    show(clock.ended, over);
    // What only goes when its time is over shows no time.
    if (clock.cells.length > 0) {
      const text = clockText(clock, now);
      clock.cells.forEach((cell, i) => {
        const character = text[i] ?? "";
        if (cell.textContent !== character) cell.textContent = character;
      });
    }
    if (isRunning(clock) && !over) {
      const next = untilNextSecond(clock, now);
      wait = wait === null ? next : Math.min(wait, next);
    }
  }
  return wait === null ? null : wait + 1;
}

function isRunning(clock: Clock): boolean {
  return clock.mode === "day" || clock.instant !== 0;
}

function isOver(clock: Clock, now: number): boolean {
  if (clock.instant === 0 || clock.mode === "day") return false;
  return clock.mode === "up" ? clock.length > 0 && now >= clock.instant + clock.length : now >= clock.instant;
}

function untilNextSecond(clock: Clock, now: number): number {
  const left = (clock.mode === "day" ? 0 : clock.instant) - now;
  return ((left % 1000) + 1000) % 1000 || 1000;
}

/** Counting down, a started second counts as whole; counting up, only whole ones do. */
export function clockText(clock: Clock, now: number): string {
  if (clock.mode === "day") return timeOfDay(clock, now);
  const running = clock.instant !== 0;
  if (clock.mode === "up") return written(clock.format, running ? Math.max(0, now - clock.instant) : 0);
  return written(clock.format, (running ? Math.max(0, clock.instant - now) : clock.length) + 999);
}

function written(format: string, millis: number): string {
  const seconds = Math.floor(millis / 1000);
  const two = (value: number) => String(value).padStart(2, "0");
  const minutes = Math.floor(seconds / 60);
  const hours = Math.floor(minutes / 60);
  if (format === "hh:mm:ss") return hours > 99 ? "99:59:59" : `${two(hours)}:${two(minutes % 60)}:${two(seconds % 60)}`;
  // What is missing in front is blank.
  const most = "9".repeat(format.indexOf(":"));
  return (minutes > Number(most) ? `${most}:59` : `${two(minutes)}:${two(seconds % 60)}`).padStart(format.length, " ");
}

const zones = new Map<string, Intl.DateTimeFormat>();

function timeOfDay({ format, zone }: Clock, now: number): string {
  let inZone = zones.get(zone);
  if (!inZone) {
    inZone = new Intl.DateTimeFormat("en-GB", {
      timeZone: zone,
      hour: "2-digit",
      minute: "2-digit",
      second: "2-digit",
      hourCycle: "h23",
    });
    zones.set(zone, inZone);
  }
  const [hours = "00", minutes = "00", seconds = "00"] = inZone.format(now).split(":");
  if (format === "HH:mm:ss") return `${hours}:${minutes}:${seconds}`;
  if (format === "KK:mm") return `${String(((Number(hours) + 11) % 12) + 1).padStart(2, " ")}:${minutes}`;
  return `${hours}:${minutes}`;
}

function show(element: Element, visible: boolean): void {
  if (visible) element.removeAttribute("display");
  else element.setAttribute("display", "none");
}
