/*
 * What is selected on the stage at this very moment. The selection itself is kept in the address, which follows a press
 * of a key only when the page is drawn anew; a second press that comes sooner must go on from here.
 */
let now: string[] = [];

export function chosen(pieces: string[]): void {
  now = pieces;
}

export function chosenNow(): string[] {
  return now;
}

/** Keys go to the stage after a choice in a list beside it, so that arrows move what was chosen. */
export function focusStage(): void {
  document.querySelector<HTMLElement>("[data-stage]")?.focus();
}
