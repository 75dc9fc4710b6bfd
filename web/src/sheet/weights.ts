import type { Finding } from "../api/client";

/** One trouble of one piece, on the canvas where it comes first in the list, and the others on which it is found too. */
export interface Told {
  first: Finding;
  also: Finding[];
}

/** The same trouble on several canvases told once; the order stays. */
export function told(findings: Finding[]): Told[] {
  const troubles = new Map<string, Told>();
  for (const finding of findings) {
    const key = [finding.kind, finding.weight, finding.scene, finding.piece, finding.other].join("\n");
    const known = troubles.get(key);
    if (known) known.also.push(finding);
    else troubles.set(key, { first: finding, also: [] });
  }
  return [...troubles.values()];
}

/** What is not only a note. */
export function wrong(findings: Finding[]): Finding[] {
  return findings.filter((finding) => finding.weight !== "NOTE");
}
