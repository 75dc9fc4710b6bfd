import { Minus, Plus, SlidersHorizontal } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { amount } from "../content/amount";
import type { Send } from "./ControlRow";
import { useMayDo } from "./rights";

type Tally = Schemas["Tally"];

/** Beyond this a number has no end that anybody set. */
const ENDLESS = 1e12;

/** One more, one less, or just this number; its step and its ends behind a press. */
export function CountControl({
  piece,
  name,
  title,
  tally,
  cue,
}: {
  piece: string;
  name: string;
  title: string;
  tally: Tally;
  cue: Send;
}) {
  const { field } = tally;
  const may = useMayDo();
  const [open, setOpen] = useState(false);
  const step = (times: number) => void cue({ cue: "stepCount", piece, field, times });
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-center gap-1.5">
        {title !== "" && <span className="basis-full text-faint">{title}</span>}
        {may("stepCount", piece) && (
          <button
            className="btn"
            disabled={tally.live || tally.value <= tally.least}
            aria-label={`${String(tally.step)} less: ${name}`}
            onClick={() => step(-1)}
          >
            <Minus size={14} />
            {tally.step}
          </button>
        )}
        <Value
          tally={tally}
          name={name}
          fixed={!may("setCount", piece)}
          set={(value) => cue({ cue: "setCount", piece, field, value })}
        />
        {may("stepCount", piece) && (
          <button
            className="btn"
            disabled={tally.live || tally.value >= tally.most}
            aria-label={`${String(tally.step)} more: ${name}`}
            onClick={() => step(1)}
          >
            <Plus size={14} />
            {tally.step}
          </button>
        )}
        {may("resetCount", piece) && tally.held && (
          <button className="btn" onClick={() => void cue({ cue: "resetCount", piece, field })}>
            Reset
          </button>
        )}
        {may("measureCount", piece) && (
          <button
            className="btn px-2"
            aria-label="Step and limits"
            title="Step and limits"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            <SlidersHorizontal size={15} aria-hidden />
          </button>
        )}
        {tally.live && <span className="text-faint">follows a live number; write one to count by hand</span>}
      </div>
      {open && (
        <Ends key={`${String(tally.step)} ${String(tally.least)} ${String(tally.most)}`} {...{ piece, tally, cue }} />
      )}
    </div>
  );
}

function Value({
  tally,
  name,
  fixed,
  set,
}: {
  tally: Tally;
  name: string;
  fixed: boolean;
  set: (value: number) => Promise<boolean>;
}) {
  const draft = useDraftText(tally.live ? "" : String(tally.value), (text) => {
    const value = amount(text);
    return value !== undefined && set(value);
  });
  return (
    <input
      className="field w-20 text-center font-bold"
      inputMode="decimal"
      readOnly={fixed}
      placeholder={tally.live ? "live" : ""}
      aria-label={`${name} is at`}
      {...draft}
    />
  );
}

function Ends({ piece, tally, cue }: { piece: string; tally: Tally; cue: Send }) {
  const [step, setStep] = useState(String(tally.step));
  const [least, setLeast] = useState(tally.least <= -ENDLESS ? "" : String(tally.least));
  const [most, setMost] = useState(tally.most >= ENDLESS ? "" : String(tally.most));
  const values = [amount(step), least === "" ? -ENDLESS : amount(least), most === "" ? ENDLESS : amount(most)];
  const [by, from, to] = values;
  return (
    <form
      className="mt-1 flex flex-wrap items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        if (by !== undefined && from !== undefined && to !== undefined)
          void cue({ cue: "measureCount", piece, field: tally.field, step: by, least: from, most: to });
      }}
    >
      <Small label="step" value={step} set={setStep} />
      <Small label="minimum" value={least} set={setLeast} />
      <Small label="maximum" value={most} set={setMost} />
      <button className="btn" disabled={values.includes(undefined)}>
        Set
      </button>
    </form>
  );
}

function Small({ label, value, set }: { label: string; value: string; set: (text: string) => void }) {
  return (
    <label className="flex items-center gap-1 text-faint">
      {label}
      <input
        className="field w-16"
        inputMode="decimal"
        placeholder={label === "step" ? "1" : "none"}
        value={value}
        onChange={(event) => set(event.target.value)}
      />
    </label>
  );
}
