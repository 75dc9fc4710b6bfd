import { Moon, Redo2, Sun, Undo2 } from "lucide-react";
import { useEffect, useState } from "react";
import { live } from "../api/live";
import { isNight, setNight } from "../app/night";
import type { Deeds } from "./DeskPage";
import type { DeskView } from "./door";
import { AsButton } from "./AsButton";
import { Handing } from "./Handing";

/** Whether viewers see it, the time, and how far the last deed has come; always in sight. */
export function Head({ view, pending, deeds }: { view: DeskView; pending: number; deeds: Deeds }) {
  const [night, turn] = useState(isNight());
  const release = view.themes.some((theme) => theme.release > 0);
  return (
    <header className="sticky top-0 z-20 border-b-4 border-double border-rule bg-sheet px-3 py-1">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <OnAir
          seen={view.themes.some((theme) => theme.canvases.some((canvas) => canvas.seen !== ""))}
          release={release}
        />
        <h1 className="min-w-0 flex-1 truncate text-[16px]">{view.name}</h1>
        <Clock />
      </div>
      <div className="flex flex-wrap items-center gap-x-3">
        <Reached view={view} pending={pending} />
        <span className="ml-auto flex flex-wrap items-center justify-end gap-1">
          <button
            className="btn px-2"
            disabled={!view.canUndo}
            onClick={() => void deeds.undo()}
            aria-label="Take back my last deed"
          >
            <Undo2 size={16} />
          </button>
          <button
            className="btn px-2"
            disabled={!view.canRedo}
            onClick={() => void deeds.redo()}
            aria-label="Do it again"
          >
            <Redo2 size={16} />
          </button>
          <button
            className="btn px-2"
            aria-label={night ? "Day colours" : "Night colours"}
            onClick={() => {
              setNight(!night);
              turn(!night);
            }}
          >
            {night ? <Sun size={16} /> : <Moon size={16} />}
          </button>
          {!view.pass && <AsButton show={view.show} />}
          {!view.pass && <Handing show={view.show} controls={view.controls} />}
        </span>
      </div>
      {view.pass && (
        <p className="text-faint">
          Pass of <b>{view.holder}</b>
          {view.goodTill && (
            <>, good until {new Date(view.goodTill).toLocaleString([], { dateStyle: "medium", timeStyle: "short" })}</>
          )}
        </p>
      )}
    </header>
  );
}

function OnAir({ seen, release }: { seen: boolean; release: boolean }) {
  if (seen) {
    return (
      <span className="flex items-center gap-1.5 font-bold text-live">
        <span className="size-2.5 rounded-full bg-live" />
        On air
      </span>
    );
  }
  return (
    <span className="text-faint" title="No source says that viewers see it">
      {release ? "Nobody sees it now" : "Not on air"}
    </span>
  );
}

function Clock() {
  const [now, setNow] = useState(live.clock.now);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(live.clock.now()), 250);
    return () => window.clearInterval(timer);
  }, []);
  return (
    <time className="text-[20px] font-bold" aria-label="Time">
      {new Date(now).toLocaleTimeString("en-GB")}
    </time>
  );
}

/** How far the latest deed has come: still on its way, or in how many sources. */
function Reached({ view, pending }: { view: DeskView; pending: number }) {
  const [connected, setConnected] = useState(true);
  const [told, setTold] = useState<{ version: number; on: number; of: number } | null>(null);
  useEffect(() => live.onStanding(setConnected), []);
  useEffect(() => live.onArrived(setTold), []);
  const lost = useLater(!connected, 1200);
  if (lost) {
    return (
      <span role="alert" className="font-bold text-live">
        No connection. What is pressed is kept for five seconds, and not done later.
      </span>
    );
  }
  const newest = told && told.version >= view.version ? told : { version: view.version, ...view.arrived };
  const all = newest.of > 0 && newest.on === newest.of;
  return (
    <span role="status" className={all || newest.of === 0 ? "text-faint" : "text-ochre"}>
      {pending > 0
        ? "On its way …"
        : newest.of === 0
          ? "No source is open"
          : `On ${String(newest.on)} of ${String(newest.of)} ${newest.of === 1 ? "source" : "sources"}`}
    </span>
  );
}

/** True once something has held for so long; milliseconds. */
function useLater(holds: boolean, after: number): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    if (!holds) return;
    const timer = window.setTimeout(() => setLate(true), after);
    return () => {
      window.clearTimeout(timer);
      setLate(false);
    };
  }, [holds, after]);
  return holds && late;
}
