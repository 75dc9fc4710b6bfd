import { Pause, Play, RotateCcw } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import type { Send } from "./ControlRow";
import { shown, standing, written } from "./dial";
import { useNow } from "./useNow";

/** Starts, pauses, lengthens and aims a clock. */
export function ClockControl({
  piece,
  name,
  dial,
  cue,
}: {
  piece: string;
  name: string;
  dial: Schemas["Dial"];
  cue: Send;
}) {
  const now = useNow(dial.run.state === "RUNNING");
  const [time, setTime] = useState("");
  const zero = standing(dial, now) === "at zero";
  const runs = dial.run.state === "RUNNING" && !zero;
  const aimed = dial.toward !== "";
  const add = (seconds: number) => void cue({ cue: "addTime", piece, seconds });
  return (
    <div className="mt-1 flex flex-wrap items-center gap-1.5">
      <output className="w-16 text-[17px] font-bold" aria-label={`${name} shows`}>
        {written(dial.mode, shown(dial, now))}
      </output>
      <span className="w-24 text-faint">{standing(dial, now)}</span>
      {runs ? (
        <button className="btn" disabled={aimed} onClick={() => void cue({ cue: "pauseClock", piece })}>
          <Pause size={13} />
          Pause
        </button>
      ) : (
        <button className="btn" onClick={() => void cue({ cue: "startClock", piece })}>
          <Play size={13} />
          {dial.run.state === "PAUSED" ? "Go on" : "Start"}
        </button>
      )}
      <button className="btn" disabled={aimed} onClick={() => add(-60)} aria-label={`Take a minute from ${name}`}>
        −1 min
      </button>
      <button className="btn" disabled={aimed} onClick={() => add(60)} aria-label={`Add a minute to ${name}`}>
        +1 min
      </button>
      {dial.run.state !== "STANDING" && (
        <button className="btn" onClick={() => void cue({ cue: "setClockBack", piece })}>
          <RotateCcw size={13} />
          Set back
        </button>
      )}
      {dial.mode === "DOWN" && (
        <form
          className="flex items-center gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            if (time === "") return;
            const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
            void cue({ cue: "aimClock", piece, time, zone }).then((done) => done && setTime(""));
          }}
        >
          <label className="flex items-center gap-1 text-faint">
            until
            <input
              className="field"
              type="time"
              value={time}
              aria-label={`Time of day that ${name} counts down to`}
              onChange={(event) => setTime(event.target.value)}
            />
          </label>
          <button className="btn" disabled={time === ""}>
            Count down to it
          </button>
        </form>
      )}
    </div>
  );
}
