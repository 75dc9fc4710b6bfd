import { unzipSync } from "fflate";

/** A file of a pack, with the folders that it lies in. */
export interface LooseFile {
  path: string;
  file: Blob;
}

const MOST_FILES = 1000;
const MOST_BYTES = 1_500_000_000;
/** What computers put beside files by themselves. */
const OWN = /(^|\/)(\.[^/]*|__MACOSX\/.*|Thumbs\.db|desktop\.ini)$/i;

/** All files that were chosen or dropped, those in zips included; a sentence instead where it is too much. */
export async function unpacked(files: File[]): Promise<LooseFile[]> {
  const all: LooseFile[] = [];
  for (const file of files) {
    if (/\.zip$/i.test(file.name)) all.push(...(await inside(file)));
    else all.push({ path: placed(file), file });
  }
  const kept = all.filter(({ path }) => !OWN.test(path));
  if (kept.length > MOST_FILES)
    throw new Error(
      `These are ${String(kept.length)} files; at most ${String(MOST_FILES)} are sorted at once. Take one folder after the other.`,
    );
  return kept;
}

/** Its name with its folders, where the browser knows them. */
function placed(file: File): string {
  return cleaned((file as { dropped?: string }).dropped ?? (file.webkitRelativePath || file.name));
}

function cleaned(path: string): string {
  const plain = path
    .replaceAll("\\", "/")
    .replace(/[\u0000-\u001f\u007f]/g, "")
    .replace(/^\/+/, "");
  return plain.length <= 400 ? plain : plain.slice(-400);
}

async function inside(zip: File): Promise<LooseFile[]> {
  const bytes = new Uint8Array(await zip.arrayBuffer());
  // What was said so far is painted before this page stands still for a moment.
  await new Promise((resolve) => setTimeout(resolve, 50));
  let count = 0;
  let size = 0;
  const wanted = (name: string, length: number) => {
    if (name.endsWith("/") || OWN.test(name)) return false;
    count++;
    size += length;
    return count <= MOST_FILES && size <= MOST_BYTES;
  };
  let entries;
  try {
    // Lengths are asked before anything is unpacked.
    entries = unzipSync(bytes, { filter: ({ name, originalSize }) => wanted(name, originalSize) });
  } catch {
    throw new Error(`${zip.name} is no zip that can be read: it is damaged or locked.`);
  }
  if (count > MOST_FILES || size > MOST_BYTES)
    throw new Error(`${zip.name} holds too much: at most ${String(MOST_FILES)} files of 1.5 GB in all.`);
  return Object.entries(entries).map(([path, content]) => ({
    path: cleaned(path),
    file: new Blob([content as Uint8Array<ArrayBuffer>]),
  }));
}
