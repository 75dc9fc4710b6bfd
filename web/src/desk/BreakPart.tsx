import { MicOff } from "lucide-react";
import { useState } from "react";
import { useMayDo } from "../show/rights";
import { useNow } from "../show/useNow";
import { written } from "../show/dial";
import type { PartProps } from "./DeskPage";
import { Breaks } from "./Breaks";

const MINUTES = [1, 3, 5];

/** Begins a break in every source at once; while one is on, its time, and how to end it. */
export function BreakPart({ view, deeds }: PartProps) {
  return (
    <>
      {view.pause ? <On pause={view.pause} deeds={deeds} /> : <Off view={view} deeds={deeds} />}
      {!view.pass && <Breaks show={view.show} on={view.pause !== null} />}
    </>
  );
}

function Off({ view, deeds }: PartProps) {
  const may = useMayDo();
  const [words, setWords] = useState("");
  const [picture, setPicture] = useState("");
  const [minutes, setMinutes] = useState("");
  if (!may("startBreak")) return <p className="text-faint">No break is on.</p>;
  const start = (length: number) =>
    void deeds.cue({ cue: "startBreak", seconds: Math.round(length * 60), words, picture });
  const typed = Number(minutes.replace(",", "."));
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-1.5">
        {MINUTES.map((length) => (
          <button key={length} className="btn btn-main flex-1" onClick={() => start(length)}>
            {length} min
          </button>
        ))}
        <form
          className="flex flex-1 gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            if (typed > 0) start(typed);
          }}
        >
          <input
            className="field w-16 flex-1 text-center"
            inputMode="decimal"
            placeholder="min"
            aria-label="Minutes of the break"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
          <button className="btn" disabled={!(typed > 0)}>
            Start
          </button>
        </form>
      </div>
      <details>
        <summary className="flex min-h-8 cursor-pointer items-center text-faint">
          Words and picture of the break
        </summary>
        <div className="grid gap-1.5 sm:grid-cols-2">
          <label className="flex flex-col text-faint">
            Words
            <input
              className="field"
              maxLength={120}
              placeholder="As the theme has them"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <label className="flex flex-col text-faint">
            Picture
            <select className="field" value={picture} onChange={(event) => setPicture(event.target.value)}>
              <option value="">As the theme has it</option>
              {view.pictures.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </select>
          </label>
          {view.pictures.length === 0 && !view.pass && (
            <p className="text-faint sm:col-span-2">
              Pictures, also moving ones, that are added to the theme under Brand can stand here.
            </p>
          )}
        </div>
      </details>
    </div>
  );
}

function On({ pause, deeds }: { pause: NonNullable<PartProps["view"]["pause"]>; deeds: PartProps["deeds"] }) {
  const may = useMayDo();
  const now = useNow(true);
  const left = pause.until - now;
  const over = left <= 0;
  return (
    <div className="flex flex-col gap-2">
      <div
        className={`flex flex-wrap items-baseline gap-x-3 border-l-8 px-3 py-1 ${over ? "border-live bg-ochre-soft" : "border-ochre bg-ochre-soft"}`}
        role="status"
      >
        <output
          className="text-[34px] font-bold leading-tight"
          aria-label={over ? "Past its end" : "Left of the break"}
        >
          {over ? "+" : ""}
          {written(over ? "UP" : "DOWN", Math.abs(left))}
        </output>
        <span>
          {over ? "past its end; it goes on until somebody ends it" : "left"}
          {pause.words !== "" && <>, “{pause.words}”</>}
        </span>
      </div>
      {!pause.muted && (
        <div role="alert" className="flex flex-wrap items-center gap-2 bg-live px-3 py-2 font-bold text-paper">
          <MicOff size={22} aria-hidden />
          <span className="min-w-40 flex-1">Is the microphone off? Viewers may still hear it.</span>
          {may("tickMicrophone") && (
            <button className="btn text-ink" onClick={() => void deeds.cue({ cue: "tickMicrophone", muted: true })}>
              It is off
            </button>
          )}
        </div>
      )}
      <div className="flex flex-wrap gap-1.5">
        {may("lengthenBreak") &&
          [1, 3].map((length) => (
            <button
              key={length}
              className="btn flex-1"
              onClick={() => void deeds.cue({ cue: "lengthenBreak", seconds: length * 60 })}
            >
              +{length} min
            </button>
          ))}
        {may("endBreak") && (
          <button className="btn btn-live flex-[2]" onClick={() => void deeds.cue({ cue: "endBreak" })}>
            End the break
          </button>
        )}
      </div>
      {pause.muted && may("tickMicrophone") && (
        <button
          className="self-start text-faint underline"
          onClick={() => void deeds.cue({ cue: "tickMicrophone", muted: false })}
        >
          The microphone is ticked off; remind me again
        </button>
      )}
    </div>
  );
}
