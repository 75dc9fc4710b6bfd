import { ArrowUp } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { useMayDo } from "../show/rights";
import type { PartProps } from "./DeskPage";
import { PairForm } from "./PairForm";

type Requests = Schemas["Requests"];
type Request = Schemas["Request"];

const SMALL = "flex size-9 items-center justify-center text-faint hover:text-ink disabled:opacity-30";

/** What viewers ask for: what waits is approved or refused, and only what was approved is shown. */
export function RequestPart({ view, deeds }: PartProps) {
  const may = useMayDo();
  const requests = view.requests;
  if (!requests) return null;
  const waiting = requests.asked.filter((one) => !one.approved);
  const approved = requests.asked.filter((one) => one.approved);
  return (
    <>
      {may("takeRequests") ? (
        <Opening key={`${requests.word} ${String(requests.each)}`} requests={requests} deeds={deeds} />
      ) : (
        <p className="text-faint">{requests.open ? `Viewers ask with ${requests.word}.` : "Viewers cannot ask now."}</p>
      )}
      <h3 className="pt-1">
        Waiting <span className="font-normal text-faint">{waiting.length === 0 ? "for nothing" : waiting.length}</span>
      </h3>
      <ul className="ruled" aria-label="Requests that wait">
        {waiting.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-1.5 py-1">
            <Said one={one} />
            {may("approveRequest") && (
              <button
                className="btn btn-main"
                aria-label={`Approve ${one.what}`}
                onClick={() => void deeds.cue({ cue: "approveRequest", request: one.id })}
              >
                Approve
              </button>
            )}
            <Refuse one={one} deeds={deeds} />
          </li>
        ))}
      </ul>
      <h3 className="pt-1">
        Shown{" "}
        <span className="font-normal text-faint">
          {approved.length === 0 ? "nothing" : approved.length}
          {requests.done > 0 && `, ${String(requests.done)} done`}
        </span>
      </h3>
      <ol className="ruled" aria-label="Requests that are shown">
        {approved.map((one, i) => (
          <li key={one.id} className="flex flex-wrap items-center gap-1.5 py-1">
            <Said one={one} />
            {may("moveRequest") && (
              <button
                className={SMALL}
                aria-label={`Move ${one.what} up`}
                disabled={i === 0}
                onClick={() =>
                  void deeds.cue({
                    cue: "moveRequest",
                    request: one.id,
                    place: requests.asked.indexOf(approved[i - 1] ?? one),
                  })
                }
              >
                <ArrowUp size={14} />
              </button>
            )}
            {may("finishRequest") && (
              <button
                className="btn btn-main"
                aria-label={`${one.what} is done`}
                onClick={() => void deeds.cue({ cue: "finishRequest", request: one.id })}
              >
                Done
              </button>
            )}
            <Refuse one={one} deeds={deeds} />
          </li>
        ))}
      </ol>
      {may("askFor") && (
        <PairForm
          what="Add a request"
          first={{ label: "What is asked for", placeholder: "What", most: 120 }}
          second={{ label: "Who asks", placeholder: "Who", most: 80 }}
          button="Add"
          send={(what, who) => deeds.cue({ cue: "askFor", who, what })}
        />
      )}
      {may("clearRequests") && (requests.asked.length > 0 || requests.done > 0) && (
        <button className="btn mt-1.5" onClick={() => void deeds.cue({ cue: "clearRequests" })}>
          Clear all
        </button>
      )}
    </>
  );
}

function Said({ one }: { one: Request }) {
  return (
    <span className="min-w-0 basis-full sm:basis-32 sm:grow">
      {one.what} {one.who !== "" && <span className="text-faint">{one.who}</span>}
    </span>
  );
}

function Refuse({ one, deeds }: { one: Request; deeds: PartProps["deeds"] }) {
  const may = useMayDo();
  if (!may("refuseRequest")) return null;
  return (
    <button
      className="btn"
      aria-label={`Refuse ${one.what}`}
      onClick={() => void deeds.cue({ cue: "refuseRequest", request: one.id })}
    >
      Refuse
    </button>
  );
}

/** With which word viewers ask, how much of each person is taken, and whether they may now. */
function Opening({ requests, deeds }: { requests: Requests; deeds: PartProps["deeds"] }) {
  const [word, setWord] = useState(requests.word === "" ? "!ask" : requests.word);
  const [each, setEach] = useState(String(requests.each));
  const limit = /^\d{1,3}$/.test(each) ? Number(each) : undefined;
  const right = limit !== undefined && /^\S{2,40}$/.test(word.trim());
  const changed = requests.open && (word.trim() !== requests.word || limit !== requests.each);
  const take = (open: boolean) =>
    void deeds.cue({ cue: "takeRequests", open, word: word.trim(), each: limit ?? requests.each });
  return (
    <form
      className="flex flex-wrap items-end gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        take(true);
      }}
    >
      <label className="flex min-w-0 flex-1 flex-col text-faint">
        A chat line begins with
        <input className="field" maxLength={40} value={word} onChange={(event) => setWord(event.target.value)} />
      </label>
      <label className="flex w-24 flex-col text-faint">
        each person
        <input
          className="field"
          inputMode="numeric"
          title="How many of one person’s are kept at once; 0 for any number"
          value={each}
          onChange={(event) => setEach(event.target.value)}
        />
      </label>
      {(!requests.open || changed) && (
        <button className="btn" disabled={!right}>
          {requests.open ? "Keep" : "Let viewers ask"}
        </button>
      )}
      {requests.open && (
        <button type="button" className="btn btn-live" onClick={() => take(false)}>
          Close
        </button>
      )}
    </form>
  );
}
