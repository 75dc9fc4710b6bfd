/** A moment of the server, as this browser writes it. */
export function moment(instant: string): string {
  return new Date(instant).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" });
}

export function day(instant: string): string {
  return new Date(instant).toLocaleDateString(undefined, { dateStyle: "medium" });
}

/** The time of day of an instant, with seconds. */
export function timeOfDay(instant: string | number): string {
  return new Date(instant).toLocaleTimeString("en-GB");
}
