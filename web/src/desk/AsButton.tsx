import { useQuery } from "@tanstack/react-query";
import { X } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { answer, api } from "../api/client";
import { Copied } from "../app/Copied";
import { Trouble } from "../app/Trouble";
import { curl, plainAddress, useChoosing, type Call } from "./choosing";

/** Shows, in place of doing it, how what is pressed is called from outside. */
export function AsButton({ show }: { show: string }) {
  const { chooser, choose } = useChoosing();
  const [call, setCall] = useState<Call | null>(null);
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (call) dialog.current?.showModal();
    else dialog.current?.close();
  }, [call]);
  useEffect(() => () => choose(null), [choose]);
  return (
    <>
      <button
        className={`btn px-2 ${chooser ? "border-ochre bg-ochre-soft" : ""}`}
        aria-pressed={chooser !== null}
        title="Press a control then, and see how a button or a script does the same"
        onClick={() => choose(chooser ? null : setCall)}
      >
        As a button
      </button>
      {chooser && (
        <p role="status" className="basis-full border-l-4 border-ochre bg-ochre-soft px-2">
          Nothing is done now: press a control to see how a button or a script does the same.
        </p>
      )}
      <dialog
        ref={dialog}
        aria-label="As a button"
        className="m-auto w-[min(44rem,100vw)] max-w-full border border-ink bg-paper p-3 text-ink backdrop:bg-black/50"
        onClose={() => setCall(null)}
      >
        <div className="flex items-center">
          <h2 className="flex-1">As a button</h2>
          <button className="btn px-2" aria-label="Close" onClick={() => setCall(null)}>
            <X size={16} />
          </button>
        </div>
        {call && <Calls show={show} call={call} />}
      </dialog>
    </>
  );
}

function Calls({ show, call }: { show: string; call: Call }) {
  const passes = useQuery({
    queryKey: ["passes", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/passes", { params: { path: { show } } })),
  });
  const [chosen, setChosen] = useState("");
  if (!passes.data) return passes.error ? <Trouble query={passes} /> : <p className="text-faint">Loading …</p>;
  const good = passes.data.passes.filter((pass) => pass.good);
  const pass = good.find((one) => one.id === chosen) ?? good[0];
  if (!pass) {
    return <p>Buttons and scripts come with a pass, so that they can do only what you tick. Give one first.</p>;
  }
  const plain = plainAddress(pass.address, call);
  const texts = [
    ...(plain === "" ? [] : [["POST to this address, without a body", plain] as const]),
    ["In a terminal", curl(pass.address, call)] as const,
  ];
  return (
    <>
      <label className="mb-2 flex items-center gap-2">
        With the pass of
        <select className="field" value={pass.id} onChange={(event) => setChosen(event.target.value)}>
          {good.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      {texts.map(([label, text]) => (
        <Copied key={label} whole label={label} text={text} />
      ))}
      <p className="text-faint">
        All calls of this pass are described at{" "}
        <a className="underline" href={`${pass.address}/openapi.json`} target="_blank" rel="noreferrer">
          openapi.json
        </a>
        . A header Idempotency-Key lets a call that is sent twice count once.
      </p>
    </>
  );
}
