import { useId } from "react";
import { useDraftText } from "../app/useDraftText";

const ZONES = ["UTC", ...Intl.supportedValuesOf("timeZone").filter((zone) => zone !== "UTC")];

/** A time zone by its name; a part of the name finds it. */
export function TimeZoneField({
  title,
  value,
  set,
}: {
  title: string;
  value: string;
  set: (zone: string) => Promise<boolean>;
}) {
  const list = useId();
  const draft = useDraftText(value, set);
  return (
    <label className="block">
      <span className="text-faint">{title}</span>
      <input className="field w-full" list={list} spellCheck={false} {...draft} />
      <datalist id={list}>
        {ZONES.map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </label>
  );
}
