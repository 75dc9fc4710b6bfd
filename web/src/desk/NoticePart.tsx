import { useState } from "react";
import { sendFile, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { seconds as parse, written } from "../show/dial";
import { useMayDo } from "../show/rights";
import { useNow } from "../show/useNow";
import type { PartProps } from "./DeskPage";
import type { DeskView } from "./door";

type Plan = Schemas["Notices"];

/** When there is advertising: what viewers are told now, what comes, and how to move it. */
export function NoticePart({ view, deeds }: PartProps) {
  const may = useMayDo();
  const now = useNow(true);
  const [length, setLength] = useState("1:00");
  const notices = view.notices;
  if (!notices) return null;
  const { plan, told, coming } = notices;
  const next = coming.find((one) => one.from > now);
  const on = told && told.until > now;
  const typed = parse(length);
  return (
    <>
      <p role="status" className={`px-2 py-1 ${on ? "border-l-8 border-ochre bg-ochre-soft" : "text-faint"}`}>
        {on ? (
          <>
            <output className="mr-2 font-bold">{written("DOWN", told.until - now)}</output>
            {told.running ? "left; viewers are told that it is on" : "until it begins; viewers are told"}
          </>
        ) : next ? (
          <>
            Next at <b>{clock(next.from)}</b>, in {written("DOWN", next.from - now)}, for{" "}
            {written("UP", next.seconds * 1000)}
            {next.name !== "" && ` (${next.name})`}
          </>
        ) : (
          "Nothing is known to come, so viewers are told nothing."
        )}
      </p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {next && may("moveNotice") && (
          <>
            {[60, 300].map((by) => (
              <button
                key={by}
                className="btn flex-1"
                onClick={() => void deeds.cue({ cue: "moveNotice", seconds: by })}
              >
                {by / 60} min later
              </button>
            ))}
          </>
        )}
        {next && may("skipNotice") && (
          <button className="btn flex-1" onClick={() => void deeds.cue({ cue: "skipNotice" })}>
            Leave it out
          </button>
        )}
        {told?.running
          ? may("endNotice") && (
              <button className="btn flex-1" onClick={() => void deeds.cue({ cue: "endNotice" })}>
                It is over
              </button>
            )
          : may("startNotice") && (
              <form
                className="flex flex-1 gap-1.5"
                onSubmit={(event) => {
                  event.preventDefault();
                  if (typed) void deeds.cue({ cue: "startNotice", seconds: typed });
                }}
              >
                <input
                  className="field w-20"
                  aria-label="How long the advertising is"
                  value={length}
                  onChange={(event) => setLength(event.target.value)}
                />
                <button className="btn flex-1" disabled={!typed}>
                  It is on now
                </button>
              </form>
            )}
      </div>
      {(may("planNotices") || may("beginNotices") || may("listNotices")) && (
        <details>
          <summary className="flex min-h-8 cursor-pointer items-center text-faint">
            Schedule{plan.began > 0 ? `, begun at ${clock(plan.began)}` : ""}
            {plan.listed.length > 0 ? `, ${String(plan.listed.length)} listed` : ""}
          </summary>
          <Schedule
            key={JSON.stringify([plan.first, plan.every, plan.length, plan.warning])}
            plan={plan}
            deeds={deeds}
          />
          {may("listNotices") && <Listed view={view} plan={plan} deeds={deeds} />}
        </details>
      )}
    </>
  );
}

function clock(at: number): string {
  return new Date(at).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
}

/** The repeated ones: first after so many minutes, then every so many. */
function Schedule({ plan, deeds }: { plan: Plan; deeds: PartProps["deeds"] }) {
  const may = useMayDo();
  const [first, setFirst] = useState(String(plan.first));
  const [every, setEvery] = useState(String(plan.every));
  const [length, setLength] = useState(written("UP", plan.length * 1000));
  const [warning, setWarning] = useState(String(plan.warning));
  const wish = {
    cue: "planNotices" as const,
    first: Number(first),
    every: Number(every),
    length: parse(length) ?? -1,
    warning: Number(warning),
  };
  const right =
    [wish.first, wish.every, wish.warning].every((one) => Number.isInteger(one) && one >= 0) && wish.length >= 0;
  return (
    <>
      {may("planNotices") && (
        <form
          className="grid grid-cols-2 items-end gap-1.5 sm:grid-cols-4"
          onSubmit={(event) => {
            event.preventDefault();
            void deeds.cue(wish);
          }}
        >
          <Figure label="First after, min" value={first} set={setFirst} />
          <Figure label="Then every, min" value={every} set={setEvery} />
          <Figure label="Each lasts" value={length} set={setLength} />
          <Figure label="Told before, s" value={warning} set={setWarning} />
          <button className="btn col-span-full" disabled={!right}>
            Keep this plan
          </button>
        </form>
      )}
      {may("beginNotices") && (
        <button
          className={`btn mt-1.5 w-full ${plan.began > 0 ? "" : "btn-main"}`}
          disabled={plan.began === 0 && plan.length === 0}
          onClick={() => void deeds.cue({ cue: "beginNotices", on: plan.began === 0 })}
        >
          {plan.began > 0 ? "End the schedule" : "Begin now: the first one counts from here"}
        </button>
      )}
    </>
  );
}

function Figure({ label, value, set }: { label: string; value: string; set: (value: string) => void }) {
  return (
    <label className="flex min-w-0 flex-col text-faint">
      {label}
      <input className="field" inputMode="numeric" value={value} onChange={(event) => set(event.target.value)} />
    </label>
  );
}

/** Single ones: written here, or taken from a calendar. */
function Listed({ view, plan, deeds }: { view: DeskView; plan: Plan; deeds: PartProps["deeds"] }) {
  const [time, setTime] = useState("");
  const [length, setLength] = useState("1:00");
  const [reading, setReading] = useState(false);
  const typed = parse(length);
  const list = (listed: Plan["listed"]) => deeds.cue({ cue: "listNotices", listed });
  return (
    <div className="mt-2">
      <h3>Listed</h3>
      <ul className="ruled">
        {plan.listed.map((one, i) => (
          <li key={i} className="flex min-h-9 items-center gap-2">
            <span className="flex-1">
              {new Date(one.from).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })},{" "}
              {written("UP", one.seconds * 1000)} {one.name}
            </span>
            <button
              className="text-faint underline"
              aria-label={`Take out ${clock(one.from)}`}
              onClick={() => void list(plan.listed.filter((_, j) => j !== i))}
            >
              take out
            </button>
          </li>
        ))}
      </ul>
      <form
        className="mt-1 flex flex-wrap gap-1.5"
        onSubmit={(event) => {
          event.preventDefault();
          if (!typed || time === "") return;
          void list([...plan.listed, { from: nextTime(time), seconds: typed, name: "" }]).then(
            (done) => done && setTime(""),
          );
        }}
      >
        <input
          className="field"
          type="time"
          aria-label="Time of day of another one"
          value={time}
          onChange={(event) => setTime(event.target.value)}
        />
        <input
          className="field w-20"
          aria-label="How long it lasts"
          value={length}
          onChange={(event) => setLength(event.target.value)}
        />
        <button className="btn" disabled={!typed || time === ""}>
          Add
        </button>
      </form>
      {!view.pass && (
        <div className="mt-1.5 flex flex-wrap gap-1.5">
          <label className="btn relative">
            {reading ? "Reading …" : "From a calendar (.ics) …"}
            <input
              type="file"
              accept=".ics,text/calendar"
              className="absolute inset-0 cursor-pointer opacity-0"
              aria-label="Take in a calendar"
              onChange={(event) => {
                const file = event.target.files?.[0];
                event.target.value = "";
                if (!file) return;
                setReading(true);
                sendFile<unknown>(`/api/shows/${view.show}/desk/advertising`, file)
                  .then(deeds.look, sayProblem)
                  .finally(() => setReading(false));
              }}
            />
          </label>
          <a className="btn" href={`/api/shows/${view.show}/desk/advertising.ics`}>
            As a calendar
          </a>
        </div>
      )}
    </div>
  );
}

/** The next instant at which clocks here show a time. */
function nextTime(time: string): number {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  const next = new Date();
  next.setHours(hours, minutes, 0, 0);
  if (next.getTime() <= Date.now()) next.setDate(next.getDate() + 1);
  return next.getTime();
}
