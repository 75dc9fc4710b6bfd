import { useEffect, useRef, useState } from "react";

/**
 * A value that changes at most once in a while; the last one always comes.
 *
 * @param millis the least time between two changes; 0 for none
 */
export function usePaced<T>(value: T, millis: number): T {
  const [shown, setShown] = useState(value);
  const last = useRef(0);
  useEffect(() => {
    const take = () => {
      last.current = performance.now();
      setShown(value);
    };
    const wait = last.current + millis - performance.now();
    if (millis === 0 || wait <= 0) {
      take();
      return;
    }
    const timer = window.setTimeout(take, wait);
    return () => clearTimeout(timer);
  }, [value, millis]);
  return millis === 0 ? value : shown;
}
