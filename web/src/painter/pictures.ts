const PAINTED = /href=["'](\/painted\/[^"']+)["']/g;
/** After this the picture is shown without what has not come; it appears when it does. */
const LONGEST_WAIT = 4000;
const loaded = new Set<string>();

/**
 * Ready-made pictures in these layers that this page has not loaded yet: null when there are none, else a promise that
 * is kept when they can be painted. What is on air stays until then, so a change of colour never shows a hole.
 */
export function picturesToLoad(layers: { svg: string }[]): Promise<void> | null {
  const missing = new Set<string>();
  for (const layer of layers) {
    for (const [, address] of layer.svg.matchAll(PAINTED)) {
      if (address && !loaded.has(address)) missing.add(address);
    }
  }
  if (missing.size === 0) return null;
  const all = Promise.allSettled([...missing].map(load));
  const enough = new Promise<void>((done) => window.setTimeout(done, LONGEST_WAIT));
  return Promise.race([all.then(() => undefined), enough]);
}

async function load(address: string): Promise<void> {
  const image = new Image();
  image.src = address;
  await image.decode();
  loaded.add(address);
}
