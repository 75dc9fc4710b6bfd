import { useEffect, useState } from "react";
import { live } from "../api/live";

/** The server's time, anew a few times a second while something runs. */
export function useNow(running: boolean): number {
  const [now, setNow] = useState(live.clock.now);
  useEffect(() => {
    if (!running) return;
    const timer = window.setInterval(() => setNow(live.clock.now()), 200);
    return () => window.clearInterval(timer);
  }, [running]);
  return running ? now : live.clock.now();
}
