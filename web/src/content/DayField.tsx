/** A day of the calendar; empty for none. */
export function DayField({
  title,
  value,
  set,
}: {
  title: string;
  value: string;
  set: (day: string) => Promise<boolean>;
}) {
  return (
    <label className="block">
      <span className="text-faint">{title}</span>
      <input type="date" className="field w-full" value={value} onChange={(event) => void set(event.target.value)} />
    </label>
  );
}
