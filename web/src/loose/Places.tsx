import type { PackView } from "./Sorted";

type Place = PackView["places"][number];

const PARTS: Record<Place["part"], string> = {
  FRAMES: "Frames",
  SCREENS: "Screens and grounds",
  PIECES: "On pieces",
  ALERTS: "Alerts",
  BRAND: "Brand",
};

/** What goes where, each to be chosen otherwise. */
export function Places({ places, place }: { places: Place[]; place: (which: string, value: string) => void }) {
  if (places.length === 0) return null;
  return (
    <section aria-label="What goes where" className="mt-4">
      <h2>What goes where</h2>
      {(Object.keys(PARTS) as Place["part"][]).map((part) => {
        const some = places.filter((one) => one.part === part);
        if (some.length === 0) return null;
        return (
          <div key={part} className="mt-2 border-t border-rule pt-1">
            <h3>{PARTS[part]}</h3>
            <div className="grid grid-cols-2 gap-x-4 gap-y-1">
              {some.map((one) => (
                <label key={one.id} className="flex items-center gap-2">
                  <span className="min-w-0 flex-1 truncate" title={one.title}>
                    {one.title}
                  </span>
                  <select
                    className={`field w-40 ${one.value === "" ? "text-faint" : ""}`}
                    value={one.value}
                    onChange={(event) => place(one.id, event.target.value)}
                  >
                    <option value="">as it is</option>
                    {one.options.map((option) => (
                      <option key={option.value} value={option.value}>
                        {option.title}
                      </option>
                    ))}
                  </select>
                </label>
              ))}
            </div>
          </div>
        );
      })}
    </section>
  );
}
