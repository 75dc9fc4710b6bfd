import { Copy, Wrench } from "lucide-react";
import { useMutation } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { sayProblem } from "../app/notices";
import { useCopy } from "../app/useCopy";
import { timeOfDay } from "../app/dates";
import { May } from "../theme/May";
import type { Edit } from "../api/client";
import { FindingList, LOOKS } from "../sheet/FindingList";
import { wrong } from "../sheet/weights";
import { useEdit, useFindings, useTheme } from "../theme/useTheme";
import { useLookAgain, type Ledger, type SourceFinding } from "./useLedger";

/**
 * Everything that is wrong, in one list wherever it is asked for: with sources that are open, the worst first, and then
 * what preflight finds in the draft.
 *
 * @param here whether in the practice rig
 */
export function SourceFindings({ ledger, here = false }: { ledger: Ledger; here?: boolean }) {
  return (
    <>
      <Sources ledger={ledger} here={here} />
      <InTheTheme />
    </>
  );
}

function Sources({ ledger, here }: { ledger: Ledger; here: boolean }) {
  const open = ledger.rows.filter((row) => row.open > 0).length;
  if (ledger.findings.length === 0 && here)
    return (
      <p role="status" className="text-kelp">
        Nothing is wrong with the sources that run here.
      </p>
    );
  if (ledger.findings.length === 0)
    return open === 0 ? null : (
      <p className="mb-3" role="status">
        {open === 1 ? "The one open source is right." : `All ${String(open)} open sources are right.`}{" "}
        <span className="text-faint">{UNSEEN}</span>
      </p>
    );
  return (
    <section className="mb-3" aria-label="Sources that need attention">
      <ul className="ruled border-y border-rule">
        {ledger.findings.map((finding) => (
          <OneFinding
            key={`${finding.kind} ${finding.outlet} ${finding.scene} ${finding.canvas} ${finding.sentence}`}
            finding={finding}
            ledger={ledger}
          />
        ))}
      </ul>
      {!here && <p className="mt-1 text-faint">{UNSEEN}</p>}
    </section>
  );
}

/** What preflight finds, where there is more than notes. */
function InTheTheme() {
  const found = useFindings();
  const some = wrong(found.data ?? []);
  if (some.length === 0) return null;
  return (
    <details className="mb-3">
      <summary className="cursor-pointer">
        {some.length === 1 ? "Preflight finds one thing" : `Preflight finds ${String(some.length)} things`} in the
        draft.
      </summary>
      <FindingList findings={some} asked={[found]} brief />
    </details>
  );
}

const UNSEEN =
  "Which of two sources stands above the other cannot be seen from here; the source sheet says how it should be.";

function OneFinding({ finding, ledger }: { finding: SourceFinding; ledger: Ledger }) {
  const { id, theme } = useTheme();
  const edit = useEdit();
  const put = useCopy();
  const again = useLookAgain(id);
  const row = ledger.rows.find((one) => one.outlet === finding.outlet);
  const scene = theme.scenes.find((one) => one.id === finding.scene)?.name ?? finding.scene;
  const canvas = theme.canvases.find((one) => one.id === finding.canvas)?.name ?? finding.canvas;
  const release = useMutation({
    mutationFn: (outlet: string) =>
      answer(
        api.PUT("/api/outlets/{id}/follows", { params: { path: { id: outlet } }, body: { draft: false, minutes: 0 } }),
      ),
    onSuccess: again,
    onError: sayProblem,
  });
  const { fix } = finding;
  const [Icon, colour] = LOOKS[finding.weight];
  return (
    <li className="flex items-start gap-3 py-1.5" data-finding={finding.kind}>
      <Icon size={14} className={`shrink-0 translate-y-0.5 ${colour}`} aria-label={finding.weight.toLowerCase()} />
      <div className="min-w-0 flex-1">
        <p>
          <b>
            {scene}, {canvas}
            {row ? `, ${row.title}` : ""}:
          </b>{" "}
          {finding.sentence}
          {finding.since > 0 && finding.kind !== "NOT_SEEN" && (
            <span className="text-faint"> Since {timeOfDay(finding.since)}.</span>
          )}
        </p>
        <p>{finding.remedy}</p>
      </div>
      {row && row.link !== "" && (finding.kind === "OLD_LINK" || finding.kind === "MISSING") && (
        <button
          className="btn shrink-0"
          onClick={() =>
            put(row.link, "Link copied.", "The browser does not allow copying here; drag the link instead.")
          }
        >
          <Copy size={13} /> Copy its link
        </button>
      )}
      <May>
        {fix && (
          <button className="btn shrink-0" onClick={() => void edit(fix.edit as Edit)}>
            <Wrench size={13} className="shrink-0" />
            {fix.does}
          </button>
        )}
        {row?.followsDraft && finding.kind === "OTHER_RELEASE" && (
          <button className="btn shrink-0" onClick={() => release.mutate(row.outlet)}>
            Show what is on air
          </button>
        )}
      </May>
    </li>
  );
}
