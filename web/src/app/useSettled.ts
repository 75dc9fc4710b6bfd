import { useEffect, useState } from "react";

/** A value that follows another one only when that has stood still for a while, in milliseconds. */
export function useSettled<T>(value: T, after: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), after);
    return () => window.clearTimeout(timer);
  }, [value, after]);
  return settled;
}
