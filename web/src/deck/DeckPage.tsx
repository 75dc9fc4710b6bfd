import { useEffect, useMemo, useRef, useState, type DragEvent } from "react";
import { live } from "../api/live";
import { Trouble } from "../app/Trouble";
import { sayProblem } from "../app/notices";
import { useChoosing, type Call } from "../desk/choosing";
import { Over, Parts } from "../desk/DeskPage";
import type { DeskView } from "../desk/door";
import { useDesk } from "../desk/useDesk";
import { RightsProvider, takes } from "../show/rights";
import { useNow } from "../show/useNow";
import { Key } from "./Key";
import { KeyForm } from "./KeyForm";
import { keysFrom, keyState, pressed, titleOf, type DeckKey } from "./keys";

/** Dragged controls travel under this type. */
const DRAGGED = "application/x-brandeon-call";

/**
 * A stand-in for a deck of fifteen keys: it calls deeds by their addresses, as such a device would, and shows on each
 * key how things stand.
 */
export function DeckPage({ token }: { token: string }) {
  const { desk, ...deeds } = useDesk();
  const [ended, setEnded] = useState(false);
  useEffect(() => live.onEnded(() => setEnded(true)), []);
  const view = desk.data;
  if (ended) return <Over />;
  if (!view) {
    return (
      <main className="p-4">
        <h1 className="mb-2">Button deck</h1>
        {desk.isPending ? <p className="text-faint">Opening the deck …</p> : <Trouble query={desk} />}
      </main>
    );
  }
  return <Deck key={view.show} token={token} view={view} deeds={deeds} look={() => void desk.refetch()} />;
}

function Deck({
  token,
  view,
  deeds,
  look,
}: {
  token: string;
  view: DeskView;
  deeds: Omit<ReturnType<typeof useDesk>, "desk">;
  look: () => void;
}) {
  const place = `brandeon-deck-${view.show}`;
  const [keys, setKeys] = useState(() => keysFrom(localStorage.getItem(place)));
  const [setup, setSetup] = useState(() => keys.every((key) => key === null));
  const [selected, setSelected] = useState(0);
  const now = useNow(true);
  const choose = useChoosing((state) => state.choose);
  const may = useMemo(
    () =>
      (deed: string, about = "") =>
        takes(view.may, deed, about),
    [view.may],
  );
  const put = (at: number, key: DeckKey | null) => {
    const next = keys.map((one, i) => (i === at ? key : one));
    setKeys(next);
    localStorage.setItem(place, JSON.stringify(next));
  };
  const lay = (at: number, call: Call) => put(at, { ...call, title: titleOf(view, call), picture: "" });

  // While keys are set up, what is pressed on the desk goes onto the selected key.
  const latest = useRef<(call: Call) => void>(() => undefined);
  useEffect(() => {
    latest.current = (call) => lay(selected, call);
  });
  useEffect(() => {
    choose(setup ? (call) => latest.current(call) : null);
    return () => choose(null);
  }, [setup, choose]);

  const press = (on: DeckKey) => {
    const key = pressed(on, keyState(view, on, live.clock.now()), may);
    void fetch(`/cues/${token}/${key.about}/${key.deed}`, {
      method: "POST",
      headers: { "Content-Type": "application/json", "Idempotency-Key": crypto.randomUUID() },
      body: JSON.stringify(key.figures),
    })
      .then(async (response) => {
        if (!response.ok) sayProblem(new Error(((await response.json()) as { detail?: string }).detail ?? "Not done."));
        look();
      })
      .catch(() => sayProblem(new Error("The server cannot be reached; nothing was done.")));
  };

  return (
    <RightsProvider value={may}>
      <div className="desk mx-auto max-w-[1280px] p-3">
        <div className="mb-2 flex flex-wrap items-center gap-2">
          <h1 className="flex-1">Button deck · {view.name}</h1>
          <button
            className={`btn ${setup ? "border-ochre bg-ochre-soft" : ""}`}
            aria-pressed={setup}
            onClick={() => setSetup(!setup)}
          >
            {setup ? "Done setting up" : "Set up keys"}
          </button>
        </div>
        <div className={setup ? "grid gap-4 lg:grid-cols-[minmax(0,34rem)_minmax(0,1fr)]" : "mx-auto max-w-[52rem]"}>
          <div className={setup ? "lg:sticky lg:top-3 lg:self-start" : ""}>
            <div className="grid grid-cols-3 gap-2 bg-surround p-2 sm:grid-cols-5" role="group" aria-label="Keys">
              {keys.map((key, i) => (
                <Key
                  key={i}
                  number={i + 1}
                  deckKey={key}
                  view={view}
                  now={now}
                  setup={setup}
                  selected={setup && i === selected}
                  press={() => (setup ? setSelected(i) : key && press(key))}
                  drop={(event: DragEvent) => {
                    const text = event.dataTransfer.getData(DRAGGED);
                    if (text === "") return;
                    event.preventDefault();
                    setSelected(i);
                    lay(i, JSON.parse(text) as Call);
                  }}
                />
              ))}
            </div>
            {setup && (
              <KeyForm
                key={`${String(selected)} ${JSON.stringify(keys[selected])}`}
                number={selected + 1}
                deckKey={keys[selected] ?? null}
                put={(key) => put(selected, key)}
              />
            )}
          </div>
          {setup && (
            <div onDragStartCapture={dragged}>
              <p className="border-l-4 border-ochre bg-ochre-soft px-2 py-1">
                Drag a control onto a key, or select a key and press the control. Nothing is done meanwhile.
              </p>
              <div className="[&_button]:cursor-grab" ref={draggable}>
                <Parts view={view} deeds={deeds} />
              </div>
            </div>
          )}
        </div>
      </div>
    </RightsProvider>
  );
}

/** Every control of the desk can be dragged while keys are set up; those that come later as well. */
function draggable(host: HTMLElement | null) {
  if (!host) return;
  const mark = () =>
    host.querySelectorAll("button:not([aria-expanded])").forEach((one) => one.setAttribute("draggable", "true"));
  mark();
  const observer = new MutationObserver(mark);
  observer.observe(host, { childList: true, subtree: true });
  return () => observer.disconnect();
}

/** What a control does is found out by pressing it, since presses are not done now. */
function dragged(event: DragEvent) {
  const button = (event.target as HTMLElement).closest("button");
  if (!button) return;
  const { chooser, choose } = useChoosing.getState();
  let call: Call | null = null;
  choose((pressed) => {
    call = pressed;
  });
  button.click();
  choose(chooser);
  if (call) event.dataTransfer.setData(DRAGGED, JSON.stringify(call));
  else event.preventDefault();
}
