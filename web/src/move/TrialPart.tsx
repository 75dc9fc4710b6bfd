import { useQuery } from "@tanstack/react-query";
import { Play } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useTheme } from "../theme/useTheme";

type AlertTry = Schemas["AlertTry"];
type ValueTry = Schemas["ValueTry"];

/** Every signal of the platform played on the theme: what is seen, heard and said, before anybody else sees it. */
export function TrialPart() {
  const { id, version, platform } = useTheme();
  const [wanted, setWanted] = useState(false);
  const trial = useQuery({
    queryKey: ["trial", id, version],
    queryFn: () => answer(api.GET("/api/themes/{id}/move/trial", { params: { path: { id } } })),
    enabled: wanted,
    staleTime: 0,
  });
  return (
    <section className="mb-6" aria-labelledby="trial">
      <div className="mb-1 flex flex-wrap items-center gap-3">
        <h2 id="trial">Trial</h2>
        <button
          className="btn"
          disabled={trial.isFetching}
          onClick={() => {
            setWanted(true);
            if (wanted) void trial.refetch();
          }}
        >
          <Play className="size-4" /> {trial.isFetching ? "Playing …" : `Play all signals of ${platform}`}
        </button>
        <span className="text-faint">On this page alone: nothing is sent, counted or shown to anybody.</span>
      </div>
      {wanted && !trial.isPending && !trial.data && <Trouble query={trial} />}
      {trial.data && (
        <>
          <p className="mb-1">{summary(trial.data.alerts, trial.data.values)}</p>
          <Alerts tries={trial.data.alerts} />
          <Values tries={trial.data.values} />
        </>
      )}
    </section>
  );
}

function summary(alerts: AlertTry[], values: ValueTry[]): string {
  const wrong = alerts.filter((one) => !one.right).length + values.filter((one) => !one.moved).length;
  const all = alerts.length + values.length;
  return wrong === 0 ? `All ${String(all)} are right.` : `${String(wrong)} of ${String(all)} should be looked at.`;
}

function Alerts({ tries }: { tries: AlertTry[] }) {
  return (
    <table className="mb-4 w-full border-collapse [&_td]:py-1">
      <thead>
        <tr className="border-b border-ink text-left font-head">
          <th className="w-40 py-1">Signal</th>
          <th>Says</th>
          <th className="w-56">Seen</th>
          <th className="w-28">Heard</th>
          <th className="w-56">To be looked at</th>
        </tr>
      </thead>
      <tbody>
        {tries.map((one) => (
          <tr key={one.kind + one.rule} className="border-b border-rule align-top">
            <td className="pr-2">{one.word}</td>
            <td className="pr-2">{one.said || <span className="text-faint">—</span>}</td>
            <td className="pr-2">
              {one.seen.length > 0 ? one.seen.join(", ") : <span className="text-ochre">nowhere</span>}
              {one.unseen.length > 0 && <div className="text-faint">not on {one.unseen.join(", ")}</div>}
            </td>
            <td className="pr-2">{one.sound || <span className="text-faint">silent</span>}</td>
            <td>
              {one.reason && <div className="text-ochre">{one.reason}</div>}
              {one.oldWords && <div className="text-ochre">Words of the old platform: {one.oldWords}</div>}
              {one.tight.length > 0 && (
                <div className="text-faint">The longest names are shortened on {one.tight.join(", ")}.</div>
              )}
              {one.right && one.tight.length === 0 && <span className="text-kelp">right</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Values({ tries }: { tries: ValueTry[] }) {
  if (tries.length === 0) return null;
  return (
    <table className="w-full border-collapse [&_td]:py-1">
      <thead>
        <tr className="border-b border-ink text-left font-head">
          <th className="w-56 py-1">Piece</th>
          <th className="w-44">When this comes</th>
          <th>Says before</th>
          <th>Says then</th>
          <th className="w-56">To be looked at</th>
        </tr>
      </thead>
      <tbody>
        {tries.map((one) => (
          <tr key={`${one.piece} ${one.shows}`} className="border-b border-rule align-top">
            <td className="pr-2">{one.piece}</td>
            <td className="pr-2">{one.word || <span className="text-faint">—</span>}</td>
            <td className="pr-2 text-faint">{one.before}</td>
            <td className="pr-2">{one.after}</td>
            <td>
              {one.moved ? (
                <span className="text-kelp">right</span>
              ) : (
                <span className="text-ochre">
                  {one.word === "" ? "Nothing on this platform changes it." : "It does not change, or stands nowhere."}
                </span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
