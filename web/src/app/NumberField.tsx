import { figured } from "../stage/arithmetic";
import { useNotices } from "./notices";
import { useDraftText } from "./useDraftText";

/** A number that is sent when it is left; `width` in characters, `digits` after the point. */
export function NumberField({
  label,
  value,
  set,
  width = 5,
  digits = 2,
}: {
  label: string;
  value: number;
  set: (value: number) => Promise<boolean>;
  width?: number;
  digits?: number;
}) {
  const say = useNotices((state) => state.say);
  const draft = useDraftText(String(Math.round(value * 10 ** digits) / 10 ** digits), (text) => {
    const next = figured(text, value);
    if (next !== null) return set(next);
    say(`“${text}” is not a number.`, true);
    return false;
  });
  return <input className="field" style={{ width: `${String(width + 2.5)}ch` }} aria-label={label} {...draft} />;
}
