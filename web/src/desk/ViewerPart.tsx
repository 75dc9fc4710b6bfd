import { useState } from "react";
import type { Schemas } from "../api/client";
import { useMayDo } from "../show/rights";
import type { Cue } from "../show/useShow";
import { useChoosing } from "./choosing";
import type { PartProps } from "./DeskPage";

type Press = Schemas["ViewerPress"];

const KINDS: Partial<Record<Press["kind"], string>> = {
  CHAT: "a chat line",
  POINTS: "a gift of points",
  GOODS: "a gift of goods",
  TIP: "a tip",
  PAID_MESSAGE: "a paid message",
};

/** What viewers may do by writing or giving something, and the switch that stops all of it. */
export function ViewerPart({ view, deeds }: PartProps) {
  const may = useMayDo();
  const [making, setMaking] = useState(false);
  const viewers = view.viewers;
  if (!viewers) return null;
  const write = (presses: Press[]) => deeds.cue({ cue: "writePresses", presses });
  const used = Object.values(viewers.uses).reduce((sum, use) => sum + use.count, 0);
  return (
    <>
      {may("allowViewers") && (
        <button
          className={`btn w-full ${viewers.on ? "btn-live" : viewers.presses.length > 0 ? "btn-main" : ""}`}
          aria-pressed={viewers.on}
          disabled={!viewers.on && viewers.presses.length === 0}
          onClick={() => void deeds.cue({ cue: "allowViewers", on: !viewers.on })}
        >
          {viewers.on ? "Viewers may press: stop all of it" : "Let viewers press"}
        </button>
      )}
      <ul className="ruled mt-1" aria-label="What viewers may do">
        {viewers.presses.map((press) => (
          <li key={press.id} className="flex min-h-10 items-center gap-2">
            <span className="min-w-0 flex-1">
              {sentence(press, view)}
              <span className="text-faint"> {String(viewers.uses[press.id]?.count ?? 0)} times until now</span>
            </span>
            {may("writePresses") && (
              <button
                className="text-faint underline"
                aria-label={`Take out: ${sentence(press, view)}`}
                onClick={() => void write(viewers.presses.filter((one) => one !== press))}
              >
                take out
              </button>
            )}
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {may("writePresses") && !making && (
          <button className="btn" onClick={() => setMaking(true)}>
            Add something that viewers may do
          </button>
        )}
        {may("forgetPresses") && used > 0 && (
          <button className="btn" onClick={() => void deeds.cue({ cue: "forgetPresses" })}>
            Count anew
          </button>
        )}
      </div>
      {making && (
        <PressForm
          view={view}
          cancel={() => setMaking(false)}
          save={(press) => write([...viewers.presses, press]).then((done) => (done && setMaking(false), done))}
        />
      )}
    </>
  );
}

function sentence(press: Press, view: PartProps["view"]): string {
  const cue = press.cue as Cue;
  const sequence =
    cue.cue === "startSequence" ? view.sequences.find((one) => one.id === cue.sequence)?.name : undefined;
  const piece = "piece" in cue ? view.controls.find((one) => one.piece === cue.piece)?.name : undefined;
  const deed = sequence ?? `${piece ? `${piece}: ` : ""}${cue.cue.replace(/([A-Z])/g, " $1").toLowerCase()}`;
  const limits = [
    press.pause > 0 ? `every ${String(press.pause)} s at most` : "",
    press.perPerson > 0 ? `${String(press.perPerson)} for each person` : "",
    press.perShow > 0 ? `${String(press.perShow)} in all` : "",
    press.supporters ? "supporters only" : "",
  ].filter((part) => part !== "");
  return `${KINDS[press.kind] ?? press.kind}${press.word === "" ? "" : ` “${press.word}”`}${press.least > 0 ? ` of at least ${String(press.least)}` : ""}: ${deed}${limits.length > 0 ? ` (${limits.join(", ")})` : ""}`;
}

function PressForm({
  view,
  save,
  cancel,
}: {
  view: PartProps["view"];
  save: (press: Press) => Promise<boolean>;
  cancel: () => void;
}) {
  const { chooser, choose } = useChoosing();
  const [kind, setKind] = useState<Press["kind"]>("CHAT");
  const [word, setWord] = useState("!");
  const [least, setLeast] = useState("0");
  const [pause, setPause] = useState("10");
  const [perPerson, setPerPerson] = useState("0");
  const [perShow, setPerShow] = useState("0");
  const [supporters, setSupporters] = useState(false);
  const [cue, setCue] = useState<Cue | null>(null);
  const chat = kind === "CHAT";
  const numbers = [least, pause, perPerson, perShow].map(Number);
  const right =
    numbers.every((one) => Number.isInteger(one) && one >= 0) && cue !== null && (!chat || word.trim().length > 1);
  const press: Press = {
    id: crypto.randomUUID(),
    kind,
    word: word.trim() === "!" ? "" : word.trim(),
    least: chat ? 0 : (numbers[0] ?? 0),
    pause: numbers[1] ?? 0,
    perPerson: numbers[2] ?? 0,
    perShow: numbers[3] ?? 0,
    supporters,
    cue: cue as Press["cue"],
  };
  return (
    <form
      className="mt-1 border-l-4 border-rule pl-2"
      aria-label="What viewers may do"
      onSubmit={(event) => {
        event.preventDefault();
        void save(press);
      }}
    >
      <div className="grid grid-cols-2 gap-1.5">
        <label className="flex flex-col text-faint">
          With
          <select className="field" value={kind} onChange={(event) => setKind(event.target.value as Press["kind"])}>
            {Object.entries(KINDS).map(([id, title]) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
        </label>
        <Field label={chat ? "that begins with" : "whose message begins with"} value={word} set={setWord} />
        {!chat && <Field label="of at least (smallest unit)" value={least} set={setLeast} number />}
        <Field label="Seconds between" value={pause} set={setPause} number />
        <Field label="For each person (0: any)" value={perPerson} set={setPerPerson} number />
        <Field label="In all (0: any)" value={perShow} set={setPerShow} number />
      </div>
      <label className="flex min-h-9 items-center gap-2">
        <input type="checkbox" checked={supporters} onChange={(event) => setSupporters(event.target.checked)} />
        Supporters only
      </label>
      <div className="flex flex-wrap items-center gap-1.5">
        <select
          className="field min-w-0"
          aria-label="Sequence that it starts"
          value={cue?.cue === "startSequence" ? cue.sequence : ""}
          onChange={(event) =>
            setCue(event.target.value === "" ? null : { cue: "startSequence", sequence: event.target.value })
          }
        >
          <option value="">Starts no sequence</option>
          {view.sequences.map((one) => (
            <option key={one.id} value={one.id}>
              Starts {one.name}
            </option>
          ))}
        </select>
        <button
          type="button"
          className={`btn ${chooser ? "border-ochre bg-ochre-soft" : ""}`}
          aria-pressed={chooser !== null}
          onClick={() =>
            choose(
              chooser
                ? null
                : (_, pressed) => {
                    if (pressed) setCue(pressed);
                    choose(null);
                  },
            )
          }
        >
          {chooser ? "Now press the control …" : "… or does what I press"}
        </button>
        {cue && cue.cue !== "startSequence" && (
          <span className="text-kelp">
            {sentence({ ...press, word: "", least: 0, pause: 0, perPerson: 0, perShow: 0, supporters: false }, view)}
          </span>
        )}
      </div>
      <div className="mt-1.5 flex gap-1.5">
        <button className="btn btn-main" disabled={!right}>
          Add
        </button>
        <button type="button" className="btn" onClick={cancel}>
          Cancel
        </button>
      </div>
    </form>
  );
}

function Field({
  label,
  value,
  set,
  number = false,
}: {
  label: string;
  value: string;
  set: (value: string) => void;
  number?: boolean;
}) {
  return (
    <label className="flex min-w-0 flex-col text-faint">
      {label}
      <input
        className="field"
        inputMode={number ? "numeric" : "text"}
        maxLength={40}
        value={value}
        onChange={(event) => set(event.target.value)}
      />
    </label>
  );
}
