import type { Changed } from "./keeper";

/** After a change, the page is kept anew this much later, so that a busy minute costs one request; milliseconds. */
const SETTLE = 3000;
const JITTER = 4000;

/** Has the page kept for a start without a server. Only where the browser allows it: on loopback, or over HTTPS. */
export class Keeping {
  private planned = false;

  begin(): void {
    if (!("serviceWorker" in navigator)) return;
    void navigator.serviceWorker.register("/keeper.js", { scope: "/o/" }).then(
      () => this.changed(),
      () => undefined,
    );
  }

  changed(): void {
    if (this.planned || !("serviceWorker" in navigator)) return;
    this.planned = true;
    window.setTimeout(() => {
      this.planned = false;
      const message: Changed = { keep: location.pathname };
      void navigator.serviceWorker.ready.then((worker) => worker.active?.postMessage(message));
    }, SETTLE + Math.random() * JITTER);
  }
}
