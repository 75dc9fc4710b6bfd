import { hashKey } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";

/** A value that was taken but changed nothing of what is kept is shown for so long; milliseconds. */
const AT_MOST = 2000;

const same = (one: unknown, other: unknown) => hashKey([one]) === hashKey([other]);

/**
 * A value that is kept elsewhere, as it was changed last: a change is seen at once and the next one builds on it, though
 * the first has not come back yet: neither while it is on its way, nor between its answer and the page that is drawn
 * with it. What is refused goes back to what is kept. A change of a part is given as a function of what was there before
 * it.
 *
 * @param kept what is kept now
 * @param send keeps the next value; false when it was refused
 */
export function useLatest<T extends object | string>(
  kept: T,
  send: (next: T) => Promise<boolean>,
): [T, (next: T | ((before: T) => T)) => Promise<boolean>] {
  const [ahead, setAhead] = useState<{ value: T } | null>(null);
  const last = useRef<{ value: T; taken: boolean; earlier: T[] } | null>(null);
  useEffect(
    () => () => {
      last.current = null;
    },
    [],
  );
  const back = () => {
    last.current = null;
    setAhead(null);
  };
  const now = useRef(kept);
  useEffect(() => {
    now.current = kept;
    const mine = last.current;
    // An earlier change of one's own may be drawn after the latest was answered; anything else is news.
    const waits = mine?.earlier.some((one) => same(kept, one)) && !same(kept, mine.value);
    if (mine?.taken && !waits) back();
  }, [kept]);
  const change = async (next: T | ((before: T) => T)) => {
    const value = typeof next === "function" ? next(last.current ? last.current.value : now.current) : next;
    const earlier = last.current ? [...last.current.earlier, last.current.value] : [];
    const mine = { value, taken: false, earlier };
    last.current = mine;
    setAhead(mine);
    mine.taken = await send(value);
    // Only the last change knows that nothing is on its way any more.
    if (last.current === mine) {
      if (!mine.taken || same(now.current, value)) back();
      else
        setTimeout(() => {
          if (last.current === mine) back();
        }, AT_MOST);
    }
    return mine.taken;
  };
  return [ahead ? ahead.value : kept, change];
}
