/** One value of a JSON document that can be pointed at, with its pointer (RFC 6901). */
export interface Leaf {
  pointer: string;
  /** The name that it stands under, or its place in a list. */
  key: string;
  depth: number;
  /** Empty for what holds other values. */
  value: string;
  holds: boolean;
}

/** Every value of a document in its order, with what holds it before it; undefined when the text is no JSON. */
export function leaves(text: string): Leaf[] | undefined {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return undefined;
  }
  const found: Leaf[] = [];
  walk(document, "", "", 0, found);
  return found;
}

const MOST = 400;

function walk(node: unknown, pointer: string, key: string, depth: number, found: Leaf[]): void {
  if (found.length >= MOST) return;
  const holds = typeof node === "object" && node !== null;
  if (pointer !== "") found.push({ pointer, key, depth, value: holds ? "" : JSON.stringify(node), holds });
  if (!holds) return;
  for (const [name, inside] of Object.entries(node)) {
    walk(inside, `${pointer}/${escaped(name)}`, name, pointer === "" ? 0 : depth + 1, found);
  }
}

/** RFC 6901, section 3: a tilde and a slash in a name are written otherwise. */
function escaped(name: string): string {
  return name.replaceAll("~", "~0").replaceAll("/", "~1");
}

/** What stands at a pointer, as it is written; undefined where nothing or something that holds others does. */
export function valueAt(all: Leaf[] | undefined, pointer: string): string | undefined {
  const leaf = all?.find((one) => one.pointer === pointer);
  return leaf && !leaf.holds ? leaf.value : undefined;
}
