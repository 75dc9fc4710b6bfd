/** A moment of the server, as this browser writes it. */
export function moment(instant: string): string {
  return new Date(instant).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" });
}

export function day(instant: string): string {
  return new Date(instant).toLocaleDateString(undefined, { dateStyle: "medium" });
}
