import { Pause, Play, RotateCcw } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import type { Send } from "./ControlRow";
import { seconds, shown, standing, written } from "./dial";
import { useMayDo } from "./rights";
import { useNow } from "./useNow";

const STEPS = [-300, -60, 60, 300];

/** Starts, pauses, lengthens, sets and aims a clock. */
export function ClockControl({
  piece,
  name,
  dial,
  cue,
  sequences = [],
}: {
  piece: string;
  name: string;
  dial: Schemas["Dial"];
  cue: Send;
  /** What may start at zero. */
  sequences?: { id: string; name: string }[];
}) {
  const may = useMayDo();
  const now = useNow(dial.run.state === "RUNNING");
  const zero = standing(dial, now) === "at zero";
  const runs = dial.run.state === "RUNNING" && !zero;
  const aimed = dial.toward !== "";
  return (
    <div className="mt-1 flex flex-wrap items-center gap-1.5">
      <span className="dial flex items-baseline gap-3">
        <output className="min-w-16 text-[17px] font-bold" aria-label={`${name} shows`}>
          {written(dial.mode, shown(dial, now))}
        </output>
        <span className="min-w-24 text-faint">{standing(dial, now)}</span>
      </span>
      {runs
        ? may("pauseClock", piece) && (
            <button className="btn" disabled={aimed} onClick={() => void cue({ cue: "pauseClock", piece })}>
              <Pause size={13} />
              Pause
            </button>
          )
        : may("startClock", piece) && (
            <button className="btn btn-main" onClick={() => void cue({ cue: "startClock", piece })}>
              <Play size={13} />
              {dial.run.state === "PAUSED" ? "Go on" : "Start"}
            </button>
          )}
      {may("addTime", piece) &&
        STEPS.map((step) => (
          <button
            key={step}
            className="btn"
            disabled={aimed}
            onClick={() => void cue({ cue: "addTime", piece, seconds: step })}
            aria-label={`${step < 0 ? "Take" : "Add"} ${Math.abs(step) === 60 ? "a minute" : "five minutes"} ${step < 0 ? "from" : "to"} ${name}`}
          >
            {step < 0 ? "−" : "+"}
            {Math.abs(step) / 60} min
          </button>
        ))}
      {may("setClockBack", piece) && dial.run.state !== "STANDING" && (
        <button className="btn" onClick={() => void cue({ cue: "setClockBack", piece })}>
          <RotateCcw size={13} />
          Set back
        </button>
      )}
      {may("setClock", piece) && (
        <Typed
          label="shows"
          name={`Set ${name} to`}
          placeholder="mm:ss"
          does="Set"
          send={(text) => {
            const time = seconds(text);
            return time !== undefined && cue({ cue: "setClock", piece, seconds: time });
          }}
        />
      )}
      {may("aimClock", piece) && dial.mode === "DOWN" && (
        <Typed
          label="until"
          type="time"
          name={`Time of day that ${name} counts down to`}
          does="Count down to it"
          send={(time) => {
            const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
            return cue({ cue: "aimClock", piece, time, zone });
          }}
        />
      )}
      {may("atZero", piece) && dial.mode === "DOWN" && (sequences.length > 0 || dial.then !== "") && (
        <label className="flex items-center gap-1 text-faint">
          at zero
          <select
            className="field"
            value={dial.then}
            onChange={(event) => void cue({ cue: "atZero", piece, sequence: event.target.value })}
          >
            <option value="">its words alone</option>
            {sequences.map((one) => (
              <option key={one.id} value={one.id}>
                start {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

/** A field that is sent by its button or by Enter, and is empty again once that was done. */
function Typed({
  label,
  name,
  does,
  type = "text",
  placeholder = "",
  send,
}: {
  label: string;
  name: string;
  does: string;
  type?: "text" | "time";
  placeholder?: string;
  send: (text: string) => Promise<boolean> | boolean;
}) {
  const [text, setText] = useState("");
  return (
    <form
      className="flex items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        if (text !== "") void Promise.resolve(send(text)).then((done) => done && setText(""));
      }}
    >
      <label className="flex items-center gap-1 text-faint">
        {label}
        <input
          className={`field ${type === "text" ? "w-18" : ""}`}
          type={type}
          value={text}
          placeholder={placeholder}
          inputMode={type === "text" ? "text" : undefined}
          aria-label={name}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <button className="btn" disabled={text === "" || (type === "text" && seconds(text) === undefined)}>
        {does}
      </button>
    </form>
  );
}
