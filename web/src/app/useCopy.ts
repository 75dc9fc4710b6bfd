import { useNotices } from "./notices";

/** Puts a text where it can be pasted from, and says so; and what to do instead where the browser does not allow it. */
export function useCopy(): (text: string, done: string, instead: string) => void {
  const say = useNotices((state) => state.say);
  return (text, done, instead) =>
    void navigator.clipboard.writeText(text).then(
      () => say(done),
      () => say(instead, true),
    );
}
