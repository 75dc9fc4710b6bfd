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
  /** What was begun before the latest end says nothing any more. */
  private ends = 0;

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
    this.ends++;
    window.clearTimeout(this.timer);
    this.busy = false;
    this.again = false;
  }

  private async tick(): Promise<void> {
    const { least, patiently, longest } = this.pace;
    const { ends } = this;
    this.busy = true;
    this.again = false;
    const start = performance.now();
    const late = new Promise<boolean>((resume) => this.after(longest, () => resume(false)));
    const seen = await Promise.race([this.see(), late]);
    if (ends !== this.ends) return;
    const rest = Math.min(longest, Math.max(least, seen ? patiently * (performance.now() - start) : 0));
    this.after(rest, () => {
      this.busy = false;
      if (this.again) void this.tick();
      else if (!seen) this.after(longest, () => void this.tick());
    });
  }

  /** Instead of what was to come before. */
  private after(millis: number, then: () => void): void {
    window.clearTimeout(this.timer);
    this.timer = window.setTimeout(then, millis);
  }
}
