/** How often something is looked at; times in milliseconds. */
interface Pace {
  /** Looks follow one another no sooner. */
  least: number;
  /** So many times as long as looking took, it is not done again. */
  patiently: number;
  /** Nobody waits longer for a look or after it, and one that did not come is tried again so much later. */
  longest: number;
}

/**
 * Looks at once, and again a moment later when there was more to see meanwhile. While looking takes long, as when much
 * is open or a machine is busy, it is done less often: deeds come first. One look that came late, or never, holds up no
 * other.
 */
export class Looking {
  private busy = false;
  private again = false;
  private timer = 0;

  /** @param see resolves to whether it was seen, or never could be; what is seen late must not undo what is newer */
  constructor(
    private readonly see: () => Promise<boolean>,
    private readonly pace: Pace,
  ) {}

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
    const { least, patiently, longest } = this.pace;
    this.after(0, undefined);
    this.busy = true;
    this.again = false;
    const start = performance.now();
    const seen = await Promise.race([
      this.see(),
      new Promise<boolean>((resume) => window.setTimeout(() => resume(false), longest)),
    ]);
    const rest = Math.min(longest, Math.max(least, seen ? patiently * (performance.now() - start) : 0));
    this.after(rest, () => {
      this.busy = false;
      if (this.again) void this.tick();
      else if (!seen) this.after(longest, () => void this.tick());
    });
  }

  private after(millis: number, then: (() => void) | undefined): void {
    window.clearTimeout(this.timer);
    this.timer = then ? window.setTimeout(then, millis) : 0;
  }
}
