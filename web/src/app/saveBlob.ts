/** Lets the browser save some bytes as a file. */
export function saveBlob(blob: Blob, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  // The browser has taken the address by then.
  window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
