import { useEffect, useRef, useState } from "react";

/**
 * A value that is kept elsewhere, as it was changed last: a change is seen at once and the next one builds on it, though
 * the first has not come back yet. What is refused goes back to what is kept. A change of a part is given as a function
 * of what was there before it.
 *
 * @param kept what is kept now
 * @param send keeps the next value; false when it was refused
 */
export function useLatest<T extends object | string>(
  kept: T,
  send: (next: T) => Promise<boolean>,
): [T, (next: T | ((before: T) => T)) => Promise<boolean>] {
  const [ahead, setAhead] = useState<{ value: T } | null>(null);
  const last = useRef<{ value: T } | null>(null);
  useEffect(
    () => () => {
      last.current = null;
    },
    [],
  );
  const now = useRef(kept);
  useEffect(() => {
    now.current = kept;
  }, [kept]);
  const change = async (next: T | ((before: T) => T)) => {
    const value = typeof next === "function" ? next(last.current ? last.current.value : now.current) : next;
    const mine = { value };
    last.current = mine;
    setAhead(mine);
    const taken = await send(value);
    // Only the last change knows that nothing is on its way any more.
    if (last.current === mine) {
      last.current = null;
      setAhead(null);
    }
    return taken;
  };
  return [ahead ? ahead.value : kept, change];
}
