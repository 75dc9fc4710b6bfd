/** A running clock inside a picture: cells for its characters, and what stands there when the time is over. */
export interface Clock {
  until: number;
  length: number;
  cells: Element[];
  running: Element;
  ended: Element;
}

export function findClocks(host: Element): Clock[] {
  return [...host.querySelectorAll<SVGGElement>("g[data-until]")].flatMap((group) => {
    const running = group.querySelector('[data-clock="running"]');
    const ended = group.querySelector('[data-clock="ended"]');
    if (!running || !ended) return [];
    return [{ until: Number(group.dataset["until"]), length: Number(group.dataset["length"]), cells: [...running.children], running, ended }];
  });
}

/** The time left as minutes and seconds; a started second counts as whole. */
export function clockText(left: number): string {
  const seconds = Math.ceil(Math.max(0, left) / 1000);
  return `${String(Math.floor(seconds / 60)).padStart(2, "0")}:${String(seconds % 60).padStart(2, "0")}`;
}

/** Paints the present second; returns how long until the next one, or null when no clock runs. */
export function tickClocks(clocks: Clock[], now: number): number | null {
  let wait: number | null = null;
  for (const clock of clocks) {
    const left = clock.until === 0 ? clock.length : clock.until - now;
    const over = clock.until !== 0 && left <= 0;
    show(clock.running, !over);
    show(clock.ended, over);
    const text = clockText(left);
    clock.cells.forEach((cell, i) => {
      const character = text[i] ?? "";
      if (cell.textContent !== character) cell.textContent = character;
    });
    if (clock.until !== 0 && !over) {
      const next = left % 1000 || 1000;
      wait = wait === null ? next : Math.min(wait, next);
    }
  }
  return wait === null ? null : wait + 1;
}

function show(element: Element, visible: boolean): void {
  if (visible) element.removeAttribute("display");
  else element.setAttribute("display", "none");
}
