import type { Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { useLimits } from "../theme/titles";
import { amount } from "./amount";
import { useValues } from "./useValues";

type Count = Schemas["Count"];

const STYLES: [string, string][] = [
  ["", "1,250"],
  ["::group-off", "1250"],
  ["::.00", "12.50"],
  ["::compact-short", "1.3K"],
  ["percent", "45 % of 0.45"],
  ["::currency/EUR", "€12.50"],
  ["::currency/GBP", "£12.50"],
  ["::currency/USD", "$12.50"],
];

/** A number: one that is set, or a live one, and how it is written. */
export function CountField({
  title,
  value,
  set,
}: {
  title: string;
  value: Count;
  set: (value: Count) => Promise<boolean>;
}) {
  const live = useValues().filter((reading) => reading.type === "NUMBER" || reading.type === "MONEY");
  const periods = [...new Set(live.map((reading) => reading.period))];
  const styles = STYLES.some(([style]) => style === value.style)
    ? STYLES
    : [...STYLES, [value.style, value.style] as [string, string]];
  return (
    <fieldset className="min-w-0">
      <legend className="text-faint">{title}</legend>
      <div className="flex min-w-0 flex-wrap gap-1">
        <select
          className="field min-w-0 flex-1"
          aria-label={`${title}: which number`}
          value={value.reading}
          onChange={(event) => void set({ ...value, reading: event.target.value })}
        >
          <option value="">set by hand</option>
          {periods.map((period) => (
            <optgroup key={period} label={period}>
              {live
                .filter((reading) => reading.period === period)
                .map((reading) => (
                  <option key={reading.name} value={reading.name}>
                    {reading.meaning}
                  </option>
                ))}
            </optgroup>
          ))}
        </select>
        {value.reading === "" && (
          <Amount title={title} value={value.number} set={(number) => set({ ...value, number })} />
        )}
      </div>
      <div className="mt-1 flex min-w-0 gap-1">
        <Word
          title={`${title}: before it`}
          placeholder="before"
          value={value.before}
          set={(before) => set({ ...value, before })}
        />
        <select
          className="field min-w-0 flex-1"
          aria-label={`${title}: written as`}
          value={value.style}
          onChange={(event) => void set({ ...value, style: event.target.value })}
        >
          {styles.map(([style, example]) => (
            <option key={style} value={style}>
              {example}
            </option>
          ))}
        </select>
        <Word
          title={`${title}: after it`}
          placeholder="after"
          value={value.after}
          set={(after) => set({ ...value, after })}
        />
      </div>
    </fieldset>
  );
}

function Amount({ title, value, set }: { title: string; value: number; set: (number: number) => Promise<boolean> }) {
  const draft = useDraftText(String(value), (text) => {
    const number = amount(text);
    return number !== undefined && set(number);
  });
  return <input className="field w-24" inputMode="decimal" aria-label={title} {...draft} />;
}

function Word({
  title,
  placeholder,
  value,
  set,
}: {
  title: string;
  placeholder: string;
  value: string;
  set: (text: string) => Promise<boolean>;
}) {
  const draft = useDraftText(value, set);
  const limits = useLimits();
  return (
    <input className="field w-16" aria-label={title} placeholder={placeholder} maxLength={limits?.word} {...draft} />
  );
}
