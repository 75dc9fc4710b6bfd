/** Files that were dropped on the shelf, until the page of the theme that was made for them asks for them. */
let waiting: File[] = [];

export function handOver(files: File[]) {
  waiting = files;
}

export function handed(): File[] {
  const files = waiting;
  waiting = [];
  return files;
}
