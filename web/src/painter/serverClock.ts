/** The server's clock as seen from here, from the exchange that took the least time so far. */
export class ServerClock {
  private offset = 0;
  private best = Infinity;

  /** Every source reads the same second here. */
  readonly now = (): number => Date.now() + this.offset;

  /** A first, rough setting, from a message that carries the server's time. */
  rough(serverNow: number): void {
    if (this.best === Infinity) this.offset = serverNow - Date.now();
  }

  /**
   * @param sent      when the question left, on the local clock
   * @param serverNow what the server answered
   * @returns whether the clock was set
   */
  measured(sent: number, serverNow: number): boolean {
    const round = Date.now() - sent;
    if (round > this.best + 5) return false;
    this.best = Math.min(this.best, round);
    this.offset = serverNow + round / 2 - Date.now();
    return true;
  }
}
