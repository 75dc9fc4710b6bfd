/** All files of a drop, those in folders included; a folder's path stands before the name. */
export async function droppedFiles(items: DataTransferItemList): Promise<File[]> {
  // Entries must be taken before the first wait; afterwards the browser empties the list.
  const entries = [...items].map((item) => item.webkitGetAsEntry()).filter((entry) => entry !== null);
  return (await Promise.all(entries.map(filesOf))).flat();
}

async function filesOf(entry: FileSystemEntry): Promise<File[]> {
  if (entry.isFile) {
    const file = await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject));
    return [Object.assign(file, { dropped: entry.fullPath.replace(/^\//, "") })];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const inside: FileSystemEntry[] = [];
  // A reader gives a hundred entries at a time, and none at the end.
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
    if (some.length === 0) break;
    inside.push(...some);
  }
  return (await Promise.all(inside.filter((one) => !one.name.startsWith(".")).map(filesOf))).flat();
}

export function holdsFiles(event: { dataTransfer: DataTransfer | null }): boolean {
  return event.dataTransfer?.types.includes("Files") ?? false;
}

/** A file that misses its place is left: a browser would open it instead of this page. To be called once. */
export function keepPageFromFiles(): void {
  window.addEventListener("dragover", (event) => {
    const taken = event.defaultPrevented || (event.target instanceof HTMLInputElement && event.target.type === "file");
    if (taken || !holdsFiles(event)) return;
    event.preventDefault();
    if (event.dataTransfer) event.dataTransfer.dropEffect = "none";
  });
}
