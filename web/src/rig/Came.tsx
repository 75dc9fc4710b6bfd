import { timeOfDay } from "../app/dates";
import type { Schemas } from "../api/client";
import { useCatalogue } from "../theme/useTheme";
import { clock } from "./clock";
import type { Report } from "./useTimeLine";

type Outcome = Schemas["Came"]["outcome"];

const OUTCOMES: Record<Outcome, string> = {
  TO_COME: "to come",
  WAITS: "waits",
  SHOWN: "shown",
  TAKEN_OUT: "ended by somebody",
  NO_RULE: "no alert",
  NOT_SENT: "not sent: the platform lacks it",
  LOST: "lost",
};

const ORDER: Outcome[] = ["SHOWN", "WAITS", "TO_COME", "NO_RULE", "TAKEN_OUT", "NOT_SENT", "LOST"];

/** What became of each signal of a rehearsal, against what was expected; what went otherwise stands first. */
export function Came({ report }: { report: Report }) {
  const kinds = useCatalogue().data?.signalKinds ?? [];
  const { rehearsal, outcomes, wrong, lines } = report;
  const accounted = rehearsal.signals - (outcomes.LOST ?? 0);
  return (
    <div>
      <div className="mb-1 flex flex-wrap items-baseline gap-x-4">
        <h3>What was shown, against what was expected</h3>
        <span className={wrong > 0 ? "text-ochre" : "text-kelp"} aria-live="polite">
          {accounted} of {rehearsal.signals} accounted for
          {wrong > 0 ? `, ${String(wrong)} otherwise than expected` : ""}
        </span>
        {ORDER.filter((one) => (outcomes[one] ?? 0) > 0).map((one) => (
          <span key={one} className="text-faint">
            {outcomes[one]} {OUTCOMES[one]}
          </span>
        ))}
      </div>
      <ul
        className="ruled max-h-56 overflow-auto border-y border-rule"
        aria-label="Signals of the rehearsal"
        tabIndex={0}
      >
        {lines.slice(0, 600).map((line, i) => (
          <li key={i} className="flex gap-3 py-0.5">
            <span className="w-12 text-right text-faint tabular-nums">{clock(line.at)}</span>
            <span className="w-36 truncate">{kinds.find((kind) => kind.id === line.signal)?.title}</span>
            <span className="min-w-0 flex-1 truncate">
              <b>{line.name}</b> {line.money}
            </span>
            <span className={line.right ? "text-faint" : "font-bold text-ochre"}>
              {OUTCOMES[line.outcome]}
              {line.with === "" ? "" : ` with ${line.with}`}
              {line.from > 0 && line.outcome === "SHOWN" ? ` at ${timeOfDay(line.from)}` : ""}
              {line.right ? "" : line.expected ? ", an alert was expected" : ", none was expected"}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
