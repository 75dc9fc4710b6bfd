import { useEffect, useRef, useState } from "react";

/**
 * A value that changes at most once in a while; the last one always comes.
 *
 * @param millis   the least time between two changes
 * @param atOnce whether a change is too much to wait for
 */
export function usePaced<T>(value: T, millis: number, atOnce: (before: T, after: T) => boolean): T {
  const [shown, setShown] = useState(value);
  const last = useRef(0);
  const urgent = shown !== value && atOnce(shown, value);
  useEffect(() => {
    const take = () => {
      last.current = performance.now();
      setShown(value);
    };
    const wait = urgent ? 0 : last.current + millis - performance.now();
    if (wait <= 0) {
      take();
      return;
    }
    const timer = window.setTimeout(take, wait);
    return () => clearTimeout(timer);
  }, [value, millis, urgent]);
  return urgent ? value : shown;
}
