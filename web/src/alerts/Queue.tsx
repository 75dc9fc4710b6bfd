import { useQuery } from "@tanstack/react-query";
import { ArrowUp, Pause, Play, Repeat, SkipForward, Trash2, Volume2, VolumeX } from "lucide-react";
import { useEffect, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useDeed } from "../app/useDeed";
import { useMay } from "../theme/May";
import { useTheme } from "../theme/useTheme";
import { HeardIn } from "./HeardIn";

type Queued = Schemas["QueuedAlert"];
type Deed = Schemas["AlertWish"]["deed"];

/** The page looks again so often; milliseconds. */
const LOOKS = 1000;

/** What waits to be shown, with its times, and what can be done about it. */
export function Queue() {
  const { show } = useTheme();
  const may = useMay("OPERATOR");
  const queue = useQuery({
    queryKey: ["alerts", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/alerts", { params: { path: { show } } })),
    refetchInterval: LOOKS,
    enabled: may,
  });
  const change = useDeed(
    (wish: Schemas["AlertWish"]) =>
      answer(api.POST("/api/shows/{show}/alerts", { params: { path: { show } }, body: wish })),
    () => "",
    [["alerts", show], ["record"]],
  );
  const now = useNow(queue.data?.now);
  if (!may) return null;
  const does = (deed: Deed, one?: Queued, place = 0) =>
    change.mutate({ deed, alert: one?.id ?? "", showing: one?.showing ?? 0, place });
  const view = queue.data;
  const waiting = view?.alerts.filter((one) => one.from === 0 || one.from > now) ?? [];
  return (
    <section aria-label="Queue" className="mt-5 border-t border-ink pt-2">
      <div className="mb-1 flex flex-wrap items-center gap-2">
        <h2>Queue</h2>
        <span className="text-faint">
          {!view
            ? ""
            : view.paused
              ? "Paused: nothing begins until it goes on."
              : waiting.length === 0
                ? "Nothing waits."
                : `${String(waiting.length)} to come.`}
        </span>
      </div>
      {view && (
        <div className="mb-2 flex flex-wrap gap-1.5">
          {view.paused ? (
            <button className="btn btn-main" onClick={() => does("RESUME")}>
              <Play size={13} aria-hidden="true" />
              Go on
            </button>
          ) : (
            <button className="btn" onClick={() => does("PAUSE")}>
              <Pause size={13} aria-hidden="true" />
              Pause
            </button>
          )}
          <button className="btn" disabled={view.alerts.length === waiting.length} onClick={() => does("SKIP")}>
            <SkipForward size={13} aria-hidden="true" />
            Skip
          </button>
          <button
            className="btn"
            disabled={!view.last && view.alerts.length === waiting.length}
            onClick={() => does("REPEAT")}
          >
            <Repeat size={13} aria-hidden="true" />
            Show the last again
          </button>
          <button className="btn" disabled={waiting.length === 0} onClick={() => does("DROP_ALL")}>
            <Trash2 size={13} aria-hidden="true" />
            Drop what waits
          </button>
          <button className="btn" aria-pressed={view.silent} onClick={() => does(view.silent ? "SOUND" : "SILENCE")}>
            {view.silent ? <VolumeX size={13} aria-hidden="true" /> : <Volume2 size={13} aria-hidden="true" />}
            {view.silent ? "Silent" : "Silence"}
          </button>
        </div>
      )}
      <HeardIn />
      <Trouble query={queue} />
      <ol className="ruled border-y border-rule empty:border-0" aria-label="Alerts in their order">
        {view?.alerts.map((one) => {
          const place = waiting.indexOf(one);
          return (
            <li key={`${one.id} ${String(one.showing)}`} className="flex items-center gap-2 py-0.5">
              <span className={`w-20 shrink-0 ${place < 0 ? "font-bold text-kelp" : "text-faint"}`}>
                {place < 0 ? "on screen" : one.from === 0 ? "waits" : `in ${seconds(one.from - now)}`}
              </span>
              <span className="min-w-0 flex-1 truncate">
                <b>
                  {one.name}
                  {one.more > 0 ? ` and ${String(one.more)} more` : ""}
                </b>{" "}
                {one.what} {one.money} <span className="text-faint">{one.message}</span>
              </span>
              {one.showing > 0 && <span className="text-faint">again</span>}
              {one.practice && <span className="text-faint">practice</span>}
              {one.urgency === "HIGH" && <span className="text-ochre">before others</span>}
              {place >= 0 && (
                <span className="flex gap-1">
                  <button
                    className="flex size-6 items-center justify-center text-faint hover:text-ink disabled:opacity-40"
                    aria-label={`Show ${one.name} next`}
                    title="Show it next"
                    disabled={place === 0}
                    onClick={() => does("MOVE", one, 0)}
                  >
                    <ArrowUp size={13} />
                  </button>
                  <button
                    className="flex size-6 items-center justify-center text-faint hover:text-ink disabled:opacity-40"
                    aria-label={`Drop ${one.name}`}
                    title="Do not show it"
                    onClick={() => does("DROP", one)}
                  >
                    <Trash2 size={13} />
                  </button>
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function seconds(millis: number): string {
  return `${String(Math.max(0, Math.ceil(millis / 1000)))} s`;
}

/** The server's clock, five times a second as far as this computer's runs evenly. @param told when it last said so */
function useNow(told: number | undefined): number {
  const [ahead, setAhead] = useState(0);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (told !== undefined) setAhead(told - Date.now());
  }, [told]);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), 200);
    return () => window.clearInterval(timer);
  }, []);
  return now + ahead;
}
