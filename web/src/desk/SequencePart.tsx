import { Play, Square } from "lucide-react";
import { useMayDo } from "../show/rights";
import { useNow } from "../show/useNow";
import type { PartProps } from "./DeskPage";
import { SequenceEditor } from "./SequenceEditor";

/** Several deeds under one press, seen running. */
export function SequencePart({ view, deeds }: PartProps) {
  const may = useMayDo();
  const now = useNow(view.sequences.some((one) => one.taken >= 0));
  return (
    <>
      <ul className="flex flex-col gap-1.5">
        {view.sequences.map((one) => {
          const underway = one.taken >= 0;
          return (
            <li key={one.id} className="flex flex-wrap items-center gap-1.5">
              {underway
                ? may("stopSequence", one.id) && (
                    <button
                      className="btn btn-live"
                      onClick={() => void deeds.cue({ cue: "stopSequence", sequence: one.id })}
                    >
                      <Square size={14} aria-hidden />
                      Stop {one.name}
                    </button>
                  )
                : may("startSequence", one.id) && (
                    <button
                      className="btn btn-main"
                      onClick={() => void deeds.cue({ cue: "startSequence", sequence: one.id })}
                    >
                      <Play size={14} aria-hidden />
                      {one.name}
                    </button>
                  )}
              <span className="text-faint" role={underway ? "status" : undefined}>
                {underway
                  ? `${String(one.taken)} of ${String(one.steps.length)} done, next in ${String(Math.max(0, Math.ceil((one.due - now) / 1000)))} s`
                  : `${String(one.steps.length)} ${one.steps.length === 1 ? "step" : "steps"}`}
              </span>
            </li>
          );
        })}
      </ul>
      {may("writeSequence") && <SequenceEditor view={view} cue={deeds.cue} />}
    </>
  );
}
