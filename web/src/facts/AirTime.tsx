import { useQuery } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useTheme } from "../theme/useTheme";

/** The page looks again so often; milliseconds. */
const LOOKS = 5000;

const PERIODS = [
  ["DAY", "today"],
  ["WEEK", "this week"],
  ["MONTH", "this month"],
  ["EVER", "ever"],
] as const;

/** How long each sponsor, and whatever else takes turns, was on screen. */
export function AirTime() {
  const { show } = useTheme();
  const lines = useQuery({
    queryKey: ["air-time", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/air-time", { params: { path: { show } } })),
    refetchInterval: LOOKS,
  });
  const whole = lines.data?.reduce((sum, line) => sum + (line.millis["EVER"] ?? 0), 0) ?? 0;
  return (
    <section aria-labelledby="on-screen" className="mt-6">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="on-screen">Time on screen</h2>
        <span className="text-faint">
          Of all that takes turns, while a source of it is open and seen by viewers; rehearsals do not count.
        </span>
        {lines.data && lines.data.length > 0 && (
          <a className="btn ml-auto" href={`/api/shows/${show}/air-time/csv`} download>
            <Download size={14} />
            CSV, by day
          </a>
        )}
      </div>
      <Trouble query={lines} />
      {lines.data?.length === 0 && (
        <p className="text-faint">Nothing that takes turns, such as a sponsor rotation, was on screen yet.</p>
      )}
      {lines.data && lines.data.length > 0 && (
        <div className="overflow-x-auto" role="region" aria-label="Time on air, as a table" tabIndex={0}>
          <table className="w-full border-collapse">
            <thead>
              <tr className="border-b border-ink text-left font-head">
                <th className="py-1 pr-2 font-bold">What</th>
                <th className="py-1 pr-2 font-bold">In</th>
                {PERIODS.map(([period, words]) => (
                  <th key={period} className="py-1 pr-2 text-right font-bold">
                    {words}
                  </th>
                ))}
                <th className="py-1 pr-2 text-right font-bold">share</th>
              </tr>
            </thead>
            <tbody>
              {lines.data.map((line) => (
                <tr key={`${line.piece} ${line.entry}`} className="border-b border-rule">
                  <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                    {line.entry || "without words"}
                  </th>
                  <td className="py-0.5 pr-2 text-faint">{line.title}</td>
                  {PERIODS.map(([period]) => (
                    <td key={period} className="py-0.5 pr-2 text-right tabular-nums">
                      {time(line.millis[period] ?? 0)}
                    </td>
                  ))}
                  <td className="py-0.5 pr-2 text-right tabular-nums">
                    {Math.round((100 * (line.millis["EVER"] ?? 0)) / Math.max(1, whole))} %
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}

/** Hours, minutes and seconds. */
function time(millis: number): string {
  const seconds = Math.round(millis / 1000);
  const two = (number: number) => String(number).padStart(2, "0");
  return `${String(Math.floor(seconds / 3600))}:${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`;
}
