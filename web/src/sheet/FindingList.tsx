import type { UseQueryResult } from "@tanstack/react-query";
import { AlertTriangle, Info, OctagonAlert, Wrench } from "lucide-react";
import { Fragment } from "react";
import { Link } from "react-router";
import type { Edit, Finding } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useEdit, useTheme } from "../theme/useTheme";
import { told } from "./weights";
import { useMay } from "../theme/May";

export const LOOKS: Record<Finding["weight"], [typeof Info, string]> = {
  BROKEN: [OctagonAlert, "text-live"],
  POOR: [AlertTriangle, "text-ochre"],
  NOTE: [Info, "text-faint"],
};

/** What was found, the worst first, each with the way to mend it. */
export function FindingList({
  findings,
  asked,
  brief = false,
}: {
  findings: Finding[];
  asked: UseQueryResult[];
  brief?: boolean;
}) {
  const ready = asked.every((query) => query.isSuccess);
  const looking = asked.some((query) => query.isPending);
  return (
    <>
      {asked.map((query, i) => (
        <Trouble key={i} query={query} className="mb-2" />
      ))}
      {findings.length === 0 && ready && (
        <p className="text-faint">Nothing found. Nothing is cut off, hidden, covered or too small to read.</p>
      )}
      {findings.length > 0 && (
        <ul className="ruled" aria-label="Findings">
          {told(findings).map(({ first, also }) => (
            <Line
              key={`${first.kind} ${first.scene} ${first.canvas} ${first.piece} ${first.other}`}
              finding={first}
              also={also}
              brief={brief}
            />
          ))}
        </ul>
      )}
      {looking && <p className="text-faint">Looking …</p>}
    </>
  );
}

/** Where somebody sees to a finding that is on no scene. */
const ABOUT_THE_THEME: Partial<Record<Finding["kind"], (theme: string, other: string) => string>> = {
  PROVENANCE: (theme, other) => (other === "sound" ? `/themes/${theme}/alerts` : `/themes/${theme}/brand/pictures`),
  LOUDER: (theme) => `/themes/${theme}/alerts`,
  HELD_BY_PEAKS: (theme) => `/themes/${theme}/alerts`,
  UNANNOUNCED: (theme) => `/themes/${theme}/alerts`,
};

const WORDS: Partial<Record<Finding["kind"], string>> = {
  PROVENANCE: "Say it",
  LOUDER: "Hear it",
  HELD_BY_PEAKS: "Hear it",
};

function Line({ finding, also, brief }: { finding: Finding; also: Finding[]; brief: boolean }) {
  const { theme, id } = useTheme();
  const edit = useEdit();
  const [Icon, colour] = LOOKS[finding.weight];
  const scene = theme.scenes.find((s) => s.id === finding.scene);
  const canvas = theme.canvases.find((c) => c.id === finding.canvas) ?? theme.canvases[0];
  const place = scene ? `${scene.name}${finding.canvas === "" ? "" : ` · ${canvas?.name ?? ""}`}` : "Theme";
  const onStage = (on: Finding) =>
    `/themes/${id}/stage/${on.scene}/${on.canvas === "" ? (canvas?.id ?? "") : on.canvas}?piece=${on.piece}`;
  const address =
    scene && canvas
      ? onStage(finding)
      : (ABOUT_THE_THEME[finding.kind]?.(id, finding.other) ?? `/themes/${id}/pieces/${finding.piece}`);
  const { fix } = finding;
  const may = useMay();
  return (
    <li className={`gap-x-3 gap-y-1 py-1.5 ${brief ? "" : "flex items-center"}`} data-finding={finding.kind}>
      <span className="flex min-w-0 flex-1 items-baseline gap-2">
        <Icon size={14} className={`shrink-0 translate-y-0.5 ${colour}`} aria-label={finding.weight.toLowerCase()} />
        <span>
          {!brief && (
            <Link className="text-faint underline decoration-rule underline-offset-2" to={address}>
              {place}
            </Link>
          )}{" "}
          {finding.sentence}
          {also.length > 0 && (
            <>
              {" "}
              <span className="text-faint">
                Also on{" "}
                {also.map((on, i) => (
                  <Fragment key={on.canvas}>
                    {i > 0 && ", "}
                    <Link className="underline decoration-rule underline-offset-2" to={onStage(on)}>
                      {theme.canvases.find((c) => c.id === on.canvas)?.name}
                    </Link>
                  </Fragment>
                ))}
                .
              </span>
            </>
          )}
        </span>
      </span>
      {fix && may && (
        <button
          className={`btn text-left ${brief ? "mt-1 ml-6 whitespace-normal" : ""}`}
          onClick={() => void edit(fix.edit as Edit)}
        >
          <Wrench size={13} className="shrink-0" />
          {fix.does}
        </button>
      )}
      {!fix && !brief && !scene && (
        <Link className="btn" to={address}>
          {WORDS[finding.kind] ?? "Tune it"}
        </Link>
      )}
    </li>
  );
}
