import { useEffect } from "react";

/** Keeps the screen of a phone awake while the page is seen, where the browser can (Screen Wake Lock, W3C). */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const hold = () => {
      if (!("wakeLock" in navigator) || document.hidden || over) return;
      navigator.wakeLock.request("screen").then(
        (held) => {
          if (over) void held.release();
          else lock = held;
        },
        // Saving energy comes first for the browser then; nothing else depends on it.
        () => undefined,
      );
    };
    hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, []);
}
