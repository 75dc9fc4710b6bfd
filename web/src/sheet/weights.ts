import type { Finding } from "../api/client";

/** What is not only a note. */
export function wrong(findings: Finding[]): Finding[] {
  return findings.filter((finding) => finding.weight !== "NOTE");
}
