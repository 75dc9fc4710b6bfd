import { Check, Circle, CircleDot } from "lucide-react";
import type { Schemas } from "../api/client";
import type { Send } from "./ControlRow";
import { LineEditor } from "./LineEditor";
import { useMayDo } from "./rights";

type State = Schemas["Topic"]["state"];

const AFTER: Record<State, State> = { OPEN: "NOW", NOW: "DONE", DONE: "OPEN" };
const SAID: Record<State, string> = { OPEN: "open", NOW: "now", DONE: "done" };

/** Goes through an agenda: the next point, or any one of them by a press. */
export function PointControl({
  piece,
  name,
  order,
  cue,
  write = false,
}: {
  piece: string;
  name: string;
  order: Schemas["Order"];
  cue: Send;
  /** Whether points may be written here. */
  write?: boolean;
}) {
  const { field, points } = order;
  const may = useMayDo();
  const done = points.filter((point) => point.state === "DONE").length;
  const rest = points.some((point) => point.state !== "DONE");
  const mark = (point: number, state: State) =>
    void cue({ cue: "markPoints", piece, field, points: [{ point, state }] });
  return (
    <div className="mt-1">
      {may("nextPoint", piece) && (
        <button
          className="btn"
          disabled={!rest}
          aria-label={`Next point of ${name}`}
          onClick={() => void cue({ cue: "nextPoint", piece, field })}
        >
          <Check size={14} />
          Done, next point
        </button>
      )}
      <span className="ml-2 text-faint">
        {done} of {points.length} done
      </span>
      <ol className="mt-1" aria-label={`Points of ${name}`}>
        {points.map((point, i) => (
          <li key={i}>
            <button
              data-shows
              disabled={!may("markPoints", piece)}
              className={`flex w-full items-center gap-2 px-1 py-0.5 text-left hover:bg-kelp-soft ${point.state === "NOW" ? "font-bold" : ""} ${point.state === "DONE" ? "text-faint" : ""}`}
              title={`Is ${SAID[point.state]}; a press makes it ${SAID[AFTER[point.state]]}`}
              onClick={() => mark(i, AFTER[point.state])}
            >
              <Sign state={point.state} />
              <span className="min-w-0 flex-1 truncate">{point.label}</span>
              <span className="text-faint">{SAID[point.state]}</span>
            </button>
          </li>
        ))}
      </ol>
      {write && (
        <LineEditor
          key={JSON.stringify(points)}
          what={`points of ${name}`}
          titles={["Point", "Beside it"]}
          lines={points}
          added={{ state: "OPEN" as State, label: "", value: "" }}
          send={(next) => cue({ cue: "writePoints", piece, field, points: next })}
        />
      )}
    </div>
  );
}

function Sign({ state }: { state: State }) {
  if (state === "DONE") return <Check size={14} className="text-kelp" aria-hidden />;
  return state === "NOW" ? <CircleDot size={14} aria-hidden /> : <Circle size={14} aria-hidden />;
}
