/*
 * What is selected on the stage at this very moment. The selection itself is kept in the address, which follows a press
 * of a key only when the page is drawn anew; a second press that comes sooner must go on from here.
 */
let now: string[] = [];
/** The address that the last choice leads to, while it is on its way. */
let awaited: string | undefined;

export function chosen(pieces: string[]): void {
  now = pieces;
  awaited = pieces.join(",");
}

/** The address says this. One that an earlier choice led to, and that a later one has overtaken, says nothing. */
export function arrived(address: string, pieces: string[]): void {
  if (awaited !== undefined && awaited !== address) return;
  awaited = undefined;
  now = pieces;
}

/** The stage is left. */
export function left(): void {
  awaited = undefined;
  now = [];
}

export function chosenNow(): string[] {
  return now;
}

/** Keys go to the stage after a choice in a list beside it, so that arrows move what was chosen. */
export function focusStage(): void {
  document.querySelector<HTMLElement>("[data-stage]")?.focus();
}
