/** Where this page is open: all pages of one program share what it keeps for an address. */

const HOUR = 3_600_000;
const PROGRAM = "brandeon-program";
const LOADS = "brandeon-loads:";
const MOST = 99;

/** The same for all pages of one program; empty where nothing may be kept. */
export function program(): string {
  return kept(() => {
    const known = localStorage.getItem(PROGRAM);
    if (known) return known;
    const made = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => byte.toString(16)).join("");
    localStorage.setItem(PROGRAM, made);
    return made;
  }, "");
}

/** Notes that a link was loaded now. Returns how often that happened in this program during the last hour. */
export function loads(link: string, now: number): number {
  return kept(() => {
    const key = LOADS + link;
    const before = JSON.parse(localStorage.getItem(key) ?? "[]") as number[];
    const lately = [...before.filter((at) => at > now - HOUR && at <= now), now].slice(-MOST);
    localStorage.setItem(key, JSON.stringify(lately));
    return lately.length;
  }, 1);
}

/** Within a sandbox without an origin of its own, such as the practice rig's, even asking is an error. */
function kept<T>(what: () => T, otherwise: T): T {
  try {
    return what();
  } catch {
    return otherwise;
  }
}
