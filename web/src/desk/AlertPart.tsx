import { Pause, Play, Repeat, SkipForward, Trash2, Volume2, VolumeX } from "lucide-react";
import { useMayDo } from "../show/rights";
import { useNow } from "../show/useNow";
import type { PartProps } from "./DeskPage";
import type { AlertWish } from "./door";

/** What waits to be shown, what came last, and what can be done about it. */
export function AlertPart({ view, deeds }: PartProps) {
  const may = useMayDo();
  const queue = view.queue;
  const now = useNow((queue?.alerts.length ?? 0) > 0);
  if (!queue) return null;
  const does = (deed: AlertWish["deed"], alert = "", showing = 0) => deeds.alerts({ deed, alert, showing, place: 0 });
  // What was over since the last look is not shown as if it were there.
  const alerts = queue.alerts.filter((one) => one.until === 0 || one.until > now);
  const waiting = alerts.filter((one) => one.from === 0 || one.from > now);
  const shown = alerts.find((one) => !waiting.includes(one));
  return (
    <>
      <div className="flex flex-wrap gap-1.5">
        {queue.paused
          ? may("resume") && (
              <button className="btn btn-main flex-1" onClick={() => does("RESUME")}>
                <Play size={15} aria-hidden />
                Go on
              </button>
            )
          : may("pause") && (
              <button className="btn flex-1" onClick={() => does("PAUSE")}>
                <Pause size={15} aria-hidden />
                Pause
              </button>
            )}
        {may("skip") && (
          <button className="btn flex-1" disabled={!shown} onClick={() => does("SKIP")}>
            <SkipForward size={15} aria-hidden />
            Skip
          </button>
        )}
        {may("repeat") && (
          <button className="btn flex-1" disabled={!queue.last && !shown} onClick={() => does("REPEAT")}>
            <Repeat size={15} aria-hidden />
            Repeat
          </button>
        )}
        {may(queue.silent ? "sound" : "silence") && (
          <button
            className="btn flex-1"
            aria-pressed={queue.silent}
            onClick={() => does(queue.silent ? "SOUND" : "SILENCE")}
          >
            {queue.silent ? <VolumeX size={15} aria-hidden /> : <Volume2 size={15} aria-hidden />}
            {queue.silent ? "Silent" : "Silence"}
          </button>
        )}
        {may("dropAll") && waiting.length > 0 && (
          <button className="btn flex-1" onClick={() => does("DROP_ALL")}>
            <Trash2 size={15} aria-hidden />
            Drop all
          </button>
        )}
      </div>
      <p className="mt-1 text-faint" role="status">
        {queue.paused ? "Paused: nothing begins until it goes on. " : ""}
        {waiting.length === 0 ? "Nothing waits." : `${String(waiting.length)} to come.`}
        {!shown && queue.last && (
          <>
            {" "}
            Last: <b>{queue.last.name}</b> {queue.last.what} {queue.last.money}
          </>
        )}
      </p>
      <ol className="ruled" aria-label="Alerts in their order">
        {alerts.map((one) => (
          <li key={`${one.id} ${String(one.showing)}`} className="flex min-h-10 items-center gap-2">
            <span className={`w-20 shrink-0 ${one === shown ? "font-bold text-kelp" : "text-faint"}`}>
              {one === shown
                ? "on screen"
                : one.from === 0
                  ? "waits"
                  : `in ${String(Math.max(0, Math.ceil((one.from - now) / 1000)))} s`}
            </span>
            <span className="min-w-0 flex-1 truncate">
              <b>
                {one.name}
                {one.more > 0 ? ` and ${String(one.more)} more` : ""}
              </b>{" "}
              {one.what} {one.money}
            </span>
            {one !== shown && may("drop") && (
              <button
                className="flex size-11 items-center justify-center text-faint hover:text-ink"
                aria-label={`Drop ${one.name}`}
                onClick={() => does("DROP", one.id, one.showing)}
              >
                <Trash2 size={15} />
              </button>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}
