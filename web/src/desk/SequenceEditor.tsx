import { Circle, Square, Trash2 } from "lucide-react";
import { useState } from "react";
import type { Cue } from "../show/useShow";
import type { DeskView } from "./door";
import { useTaped } from "./taping";

type Line = DeskView["sequences"][number];

/** Makes a sequence of what is pressed, and changes the waits of its steps. */
export function SequenceEditor({ view, cue }: { view: DeskView; cue: (cue: Cue) => Promise<boolean> }) {
  const { taping, start, stop, steps } = useTaped();
  const [editing, setEditing] = useState<string | null>(null);
  const line = view.sequences.find((one) => one.id === editing);
  if (taping) {
    return (
      <div className="mt-2 border-l-4 border-ochre bg-ochre-soft px-2 py-1">
        <p>
          Press what the sequence should do, with the pauses that it should have; it is done for real meanwhile.{" "}
          <b>
            {steps.length} {steps.length === 1 ? "step" : "steps"}
          </b>
        </p>
        <Naming
          ready={steps.length > 0}
          save={(name) => {
            void cue({
              cue: "writeSequence",
              sequence: { id: crypto.randomUUID(), name, steps, scene: "" },
            }).then((done) => done && stop());
          }}
          cancel={stop}
        />
      </div>
    );
  }
  return (
    <div className="mt-2 flex flex-col gap-2">
      <div className="flex flex-wrap gap-1.5">
        <button className="btn" onClick={start}>
          <Circle size={14} aria-hidden />
          New: take down what I press
        </button>
        {view.sequences.length > 0 && (
          <select
            className="field"
            aria-label="Sequence to change"
            value={editing ?? ""}
            onChange={(event) => setEditing(event.target.value === "" ? null : event.target.value)}
          >
            <option value="">Change a sequence …</option>
            {view.sequences.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        )}
      </div>
      {line && <Steps key={line.id} line={line} view={view} cue={cue} close={() => setEditing(null)} />}
    </div>
  );
}

function Naming({ ready, save, cancel }: { ready: boolean; save: (name: string) => void; cancel: () => void }) {
  const [name, setName] = useState("");
  return (
    <form
      className="mt-1 flex flex-wrap gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        save(name.trim());
      }}
    >
      <input
        className="field min-w-32 flex-1"
        maxLength={60}
        placeholder="Name, such as “Opening”"
        aria-label="Name of the sequence"
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <button className="btn btn-main" disabled={!ready || name.trim() === ""}>
        <Square size={14} aria-hidden />
        Keep it
      </button>
      <button type="button" className="btn" onClick={cancel}>
        Discard
      </button>
    </form>
  );
}

/** The steps of one sequence, each with its wait. */
function Steps({
  line,
  view,
  cue,
  close,
}: {
  line: Line;
  view: DeskView;
  cue: (cue: Cue) => Promise<boolean>;
  close: () => void;
}) {
  const [name, setName] = useState(line.name);
  const [steps, setSteps] = useState(line.steps);
  const [scene, setScene] = useState(line.scene);
  const scenes = new Map(view.themes.flatMap((theme) => theme.scenes.map((one) => [one.id, one.name] as const)));
  const names = new Map(view.controls.map((one) => [one.piece, one.name]));
  return (
    <form
      className="border-l-4 border-rule pl-2"
      aria-label={`Steps of ${line.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void cue({ cue: "writeSequence", sequence: { id: line.id, name: name.trim(), steps, scene } }).then(
          (done) => done && close(),
        );
      }}
    >
      <input
        className="field mb-1 w-full"
        maxLength={60}
        aria-label="Name of the sequence"
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <label className="mb-1 flex items-center gap-1.5 text-faint">
        Starts
        <select className="field min-w-0 flex-1" value={scene} onChange={(event) => setScene(event.target.value)}>
          <option value="">with a press alone</option>
          {[...scenes].map(([id, title]) => (
            <option key={id} value={id}>
              when the scene {title} comes on
            </option>
          ))}
        </select>
      </label>
      <ol className="ruled">
        {steps.map((step, i) => (
          <li key={i} className="flex items-center gap-1.5 py-0.5">
            <span className="min-w-0 flex-1 truncate">{words(step.cue, names)}</span>
            <label className="flex items-center gap-1 text-faint">
              after
              <input
                className="field w-16"
                inputMode="decimal"
                aria-label={`Seconds before step ${String(i + 1)}`}
                value={String(step.after / 1000)}
                onChange={(event) => {
                  const wait = Number(event.target.value.replace(",", "."));
                  if (wait >= 0)
                    setSteps(steps.map((one, j) => (j === i ? { ...one, after: Math.round(wait * 1000) } : one)));
                }}
              />
              s
            </label>
            <button
              type="button"
              className="flex size-9 items-center justify-center text-faint hover:text-ink"
              aria-label={`Take out step ${String(i + 1)}`}
              onClick={() => setSteps(steps.filter((_, j) => j !== i))}
            >
              <Trash2 size={14} />
            </button>
          </li>
        ))}
      </ol>
      <div className="mt-1 flex flex-wrap gap-1.5">
        <button className="btn btn-main" disabled={steps.length === 0 || name.trim() === ""}>
          Keep
        </button>
        <button type="button" className="btn" onClick={close}>
          Cancel
        </button>
        <button
          type="button"
          className="btn ml-auto"
          onClick={() => void cue({ cue: "removeSequence", sequence: line.id }).then((done) => done && close())}
        >
          Remove the sequence
        </button>
      </div>
    </form>
  );
}

/** What a step does, in words. */
function words(cue: Cue, names: Map<string, string>): string {
  const on = "piece" in cue ? (names.get(cue.piece) ?? "") : "";
  switch (cue.cue) {
    case "say":
      return `${on}: “${cue.words}”`;
    case "showPiece":
      return `${cue.shown ? "Show" : "Hide"} ${on}`;
    case "showCards":
      return `Take ${on} ${cue.shown ? "in" : "out"}`;
    case "putUp":
      return `${on}: card ${String(cue.card + 1)}`;
    case "startClock":
      return `Start ${on}`;
    case "pauseClock":
      return `Pause ${on}`;
    case "stepCount":
      return `${on}: ${cue.times > 0 ? "+" : "−"}${String(Math.abs(cue.times))}`;
    case "startBreak":
      return `Break of ${String(Math.round(cue.seconds / 6) / 10)} min`;
    case "endBreak":
      return "End the break";
    default:
      return `${on}: ${cue.cue.replace(/([A-Z])/g, " $1").toLowerCase()}`;
  }
}
