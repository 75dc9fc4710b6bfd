/** What is looked at follows so quickly at most; milliseconds. */
const LOOKS = 400;
/** So many times as long as looking took, it is not done again. */
const PATIENTLY = 8;
/** Nobody waits longer for a look, and after one that did not come it is tried again so much later; milliseconds. */
const LONGEST = 4000;

/**
 * Looks at once, and again a moment later when there was more to see meanwhile. While looking takes long, as when very
 * many desks are open, it is done less often: deeds come first. One look that came late, or never, holds up no other.
 */
export class Looking {
  private busy = false;
  private again = false;
  private timer = 0;
  private readonly see: () => Promise<boolean>;

  /** @param see resolves to whether it was seen, or never could be; what is seen late must not undo what is newer */
  constructor(see: () => Promise<boolean>) {
    this.see = see;
  }

  readonly look = (): void => {
    if (this.busy) this.again = true;
    else void this.tick();
  };

  /** Looks no more, until it is asked to. */
  end(): void {
    this.after(0, undefined);
    this.busy = false;
    this.again = false;
  }

  private async tick(): Promise<void> {
    this.after(0, undefined);
    this.busy = true;
    this.again = false;
    const start = performance.now();
    const seen = await Promise.race([
      this.see(),
      new Promise<boolean>((resume) => window.setTimeout(() => resume(false), LONGEST)),
    ]);
    const rest = Math.min(LONGEST, Math.max(LOOKS, seen ? PATIENTLY * (performance.now() - start) : 0));
    this.after(rest, () => {
      this.busy = false;
      if (this.again) void this.tick();
      else if (!seen) this.after(LONGEST, () => void this.tick());
    });
  }

  private after(millis: number, then: (() => void) | undefined): void {
    window.clearTimeout(this.timer);
    this.timer = then ? window.setTimeout(then, millis) : 0;
  }
}
