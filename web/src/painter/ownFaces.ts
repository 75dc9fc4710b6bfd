const OWN = /font-family="'(Brandeon own ([0-9a-f]{64}))'"/g;
const asked = new Set<string>();

/** Shipped faces are named by style sheets; a face of the theme's own is fetched when a text first uses it. */
export function loadOwnFaces(svg: string): void {
  for (const [, family, hash] of svg.matchAll(OWN)) {
    if (family && hash) loadOwnFace(family, hash);
  }
}

export function loadOwnFace(family: string, hash: string): void {
  if (asked.has(hash)) return;
  asked.add(hash);
  const face = new FontFace(family, `url(/fonts/${hash})`, { display: "block" });
  document.fonts.add(face);
  face.load().catch(() => asked.delete(hash));
}
