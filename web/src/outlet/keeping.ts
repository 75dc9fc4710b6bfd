import type { Changed } from "./keeper";

/** After a change, the page is kept anew this much later, so that a busy minute costs one request; milliseconds. */
const SETTLE = 3000;
const JITTER = 4000;

/** Has the page kept for a start without a server. Only where the browser allows it: on loopback, or over HTTPS. */
export class Keeping {
  private planned = false;

  begin(): void {
    if (!available()) return;
    void navigator.serviceWorker.register("/keeper.js", { scope: "/o/" }).then(
      () => this.changed(),
      () => undefined,
    );
  }

  changed(): void {
    if (this.planned || !available()) return;
    this.planned = true;
    window.setTimeout(
      () => {
        this.planned = false;
        const message: Changed = { keep: location.pathname };
        void navigator.serviceWorker.ready.then((worker) => worker.active?.postMessage(message));
      },
      SETTLE + Math.random() * JITTER,
    );
  }
}

/** Within a sandbox without an origin of its own, such as the practice rig's, even asking for it is an error. */
function available(): boolean {
  try {
    return "serviceWorker" in navigator && Boolean(navigator.serviceWorker);
  } catch {
    return false;
  }
}
