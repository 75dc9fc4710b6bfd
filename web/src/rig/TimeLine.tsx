import { timeOfDay } from "../app/dates";
import { Play, RotateCcw, Square, Upload } from "lucide-react";
import { useState } from "react";
import { NumberField } from "../app/NumberField";
import { Trouble } from "../app/Trouble";
import { useSettled } from "../app/useSettled";
import { May } from "../theme/May";
import { Came } from "./Came";
import { Lanes } from "./Lanes";
import { useReadyScripts, useRehearsals, useReport, useScript, type Rehearsal, type Source } from "./useTimeLine";

const FASTEST = 60;
const AFTER_TYPING = 400;
const RECORDED = "recorded";
const WRITTEN = "written";

/** Scripts are laid out in time and played to the show; what was shown stands below, against what was expected. */
export function TimeLine() {
  const ready = useReadyScripts();
  const [chosen, setChosen] = useState("quiet");
  const [hours, setHours] = useState(4);
  const [typed, setTyped] = useState<string | null>(null);
  const [speed, setSpeed] = useState(10);
  const [looked, setLooked] = useState("");
  const { all, play, stop, again } = useRehearsals();
  // What was laid by hand is read at once, what is typed a moment after the last letter.
  const [laid, setLaid] = useState<string | null>(null);
  const settled = useSettled(typed ?? "", AFTER_TYPING);
  const text = typed !== null && typed === laid ? typed : settled;
  const source: Source = chosen === RECORDED ? { hours } : chosen === WRITTEN ? { text } : { ready: chosen };
  const script = useScript(source);
  const name =
    chosen === RECORDED
      ? "What came"
      : chosen === WRITTEN
        ? "Your script"
        : (ready.data?.find((one) => one.id === chosen)?.title ?? "");
  const playing = all.data?.filter((one) => one.state === "PLAYING") ?? [];
  const shown = all.data?.find((one) => one.id === looked) ?? all.data?.[0];
  const report = useReport(shown);
  const write = () => {
    if (typed === null) setTyped(script.data?.text ?? "");
    setChosen(WRITTEN);
  };
  const bring = (file: File | undefined) => {
    if (!file) return;
    void file.text().then((content) => {
      setTyped(content);
      setChosen(WRITTEN);
    });
  };
  return (
    <section aria-labelledby="timeline" className="border-t border-ink pt-2">
      <div className="mb-1.5 flex flex-wrap items-center gap-x-3 gap-y-1.5">
        <h2 id="timeline">Time line</h2>
        <select
          className="field"
          aria-label="Script"
          value={chosen}
          onChange={(event) => (event.target.value === WRITTEN ? write() : setChosen(event.target.value))}
        >
          {ready.data?.map((one) => (
            <option key={one.id} value={one.id}>
              {one.title}
            </option>
          ))}
          <option value={RECORDED}>What really came lately</option>
          <option value={WRITTEN}>Write one …</option>
        </select>
        {chosen === RECORDED && (
          <label className="flex items-center gap-1.5">
            in the last
            <NumberField
              label="Hours to record"
              width={2}
              value={hours}
              set={(next) => {
                setHours(Math.min(12, Math.max(1, Math.round(next))));
                return Promise.resolve(true);
              }}
            />
            h
          </label>
        )}
        <May role="OPERATOR">
          <label className="flex items-center gap-1.5">
            at
            <NumberField
              label="How many times its speed"
              width={2}
              value={speed}
              set={(next) => {
                setSpeed(Math.min(FASTEST, Math.max(1, next)));
                return Promise.resolve(true);
              }}
            />
            × its speed
          </label>
          <button
            className="btn btn-main only-may"
            disabled={!script.data || play.isPending}
            onClick={() => {
              if (script.data)
                play.mutate({ name, text: script.data.text, speed }, { onSuccess: (one) => setLooked(one.id) });
            }}
          >
            <Play size={13} aria-hidden="true" />
            Play it
          </button>
        </May>
        {script.data && (
          <a
            className="ml-auto underline"
            href={`data:application/jsonl;charset=utf-8,${encodeURIComponent(script.data.text)}`}
            download={`${name.toLowerCase().replaceAll(" ", "-")}.jsonl`}
          >
            Take out
          </a>
        )}
        <label className={`btn relative cursor-pointer ${script.data ? "" : "ml-auto"}`}>
          <Upload size={13} aria-hidden="true" />
          Bring in
          <input
            type="file"
            className="sr-only"
            accept=".jsonl,.ndjson,.txt"
            onChange={(event) => {
              bring(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </label>
      </div>
      <Trouble query={script} />
      {script.data && (
        <Lanes
          script={script.data}
          playing={playing}
          write={(next) => {
            setTyped(next);
            setLaid(next);
            setChosen(WRITTEN);
          }}
        />
      )}
      {chosen === WRITTEN && (
        <textarea
          className="field mb-1.5 h-36 w-full font-mono text-[12px]"
          aria-label="Script, one signal a line"
          spellCheck={false}
          placeholder={'{"at":2.5,"signal":"FOLLOW","name":"Ilse Fenn"}'}
          value={typed ?? ""}
          onChange={(event) => setTyped(event.target.value)}
        />
      )}

      <Playing
        all={all.data ?? []}
        shown={shown?.id ?? ""}
        look={setLooked}
        stop={stop.mutate}
        again={(id) => again.mutate(id, { onSuccess: (one) => setLooked(one.id) })}
      />
      <Trouble query={all} />
      {report.data && <Came report={report.data} />}
    </section>
  );
}

function Playing(props: {
  all: Rehearsal[];
  shown: string;
  look: (id: string) => void;
  stop: (id: string) => void;
  again: (id: string) => void;
}) {
  if (props.all.length === 0)
    return (
      <p className="text-faint">Nothing was played yet. Whatever is played here is practice, and does not count.</p>
    );
  return (
    <ul className="ruled mb-2 border-y border-rule" aria-label="Rehearsals">
      {props.all.map((one) => (
        <li key={one.id} className={`flex items-center gap-3 py-0.5 ${one.id === props.shown ? "bg-kelp-soft" : ""}`}>
          <button
            className="min-w-0 flex-1 truncate px-1 text-left"
            aria-pressed={one.id === props.shown}
            onClick={() => props.look(one.id)}
          >
            <b>{one.name}</b> at {one.speed} ×{" "}
            <span className="text-faint">
              {timeOfDay(one.began)}, {one.sent} of {one.signals} sent
            </span>{" "}
            <span className={one.state === "FAILED" ? "text-ochre" : "text-faint"}>
              {one.state === "PLAYING"
                ? "is played"
                : one.state === "PLAYED"
                  ? ""
                  : one.state === "STOPPED"
                    ? "stopped"
                    : one.trouble}
            </span>
          </button>
          <May role="OPERATOR">
            {one.state === "PLAYING" && (
              <button className="btn only-may" onClick={() => props.stop(one.id)}>
                <Square size={13} aria-hidden="true" />
                Stop
              </button>
            )}
            <button className="btn only-may" onClick={() => props.again(one.id)}>
              <RotateCcw size={13} aria-hidden="true" />
              Begin anew
            </button>
          </May>
        </li>
      ))}
    </ul>
  );
}
