import { lazy, Suspense, useState } from "react";
import { written } from "../show/dial";
import { useMayDo } from "../show/rights";
import { useNow } from "../show/useNow";
import type { PartProps } from "./DeskPage";
import { PairForm } from "./PairForm";

const PlayerAddress = lazy(() => import("./PlayerAddress").then((module) => ({ default: module.PlayerAddress })));

/** What is heard, how far that is, and whether viewers see it. */
export function TrackPart({ view, deeds }: PartProps) {
  const may = useMayDo();
  const tracks = view.tracks;
  const run = tracks?.now?.run;
  const now = useNow(run?.state === "RUNNING");
  const [connecting, setConnecting] = useState(false);
  if (!tracks) return null;
  const track = tracks.now?.title ? tracks.now : null;
  const length = run?.length ?? 0;
  const into = run?.state === "RUNNING" ? Math.max(0, now - run.millis) : (run?.millis ?? 0);
  const over = length > 0 && into >= length;
  return (
    <>
      <div className={`px-2 py-1 ${tracks.seen ? "border-l-8 border-kelp" : "border-l-8 border-rule text-faint"}`}>
        {track ? (
          <>
            <b>{track.title}</b> {track.artist}
            <p className="text-faint">
              {run?.state === "RUNNING" ? (over ? "over" : "") : "stands still"}{" "}
              {length > 0 && (
                <span>
                  {written("UP", Math.min(into, length))} of {written("UP", length)}
                </span>
              )}{" "}
              {tracks.seen ? "viewers see it" : "not shown"}
            </p>
            {length > 0 && (
              <progress
                className="h-1.5 w-full"
                aria-label="How far it is"
                max={length}
                value={Math.min(into, length)}
              />
            )}
          </>
        ) : tracks.now ? (
          "Nothing is heard, so nothing is shown."
        ) : (
          "No player has said anything yet; the theme’s own words are shown."
        )}
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-1.5">
        {track && may("showTrack") && (
          <button
            className="btn flex-1"
            disabled={over && !tracks.seen}
            onClick={() => void deeds.cue({ cue: "showTrack", shown: !tracks.seen })}
          >
            {tracks.seen ? "Hide it" : "Show it"}
          </button>
        )}
        {may("showTracksFor") && (
          <label className="flex flex-1 items-center gap-1.5 text-faint">
            each for
            <select
              className="field flex-1"
              aria-label="For how long each track is shown"
              value={String(tracks.seconds)}
              onChange={(event) => void deeds.cue({ cue: "showTracksFor", seconds: Number(event.target.value) })}
            >
              {[...new Set([0, 5, 10, 15, 30, 60, tracks.seconds])]
                .sort((a, b) => a - b)
                .map((seconds) => (
                  <option key={seconds} value={seconds}>
                    {seconds === 0 ? "as long as it is heard" : `${String(seconds)} s`}
                  </option>
                ))}
            </select>
          </label>
        )}
        {track && may("endTrack") && (
          <button className="btn" onClick={() => void deeds.cue({ cue: "endTrack" })}>
            Nothing is heard
          </button>
        )}
        {tracks.now && may("forgetTrack") && (
          <button className="btn" onClick={() => void deeds.cue({ cue: "forgetTrack" })}>
            The theme’s words
          </button>
        )}
      </div>
      {may("playTrack") && (
        <PairForm
          what="Say what is heard"
          first={{ label: "Title of what is heard", placeholder: "Title", most: 160 }}
          second={{ label: "Who it is by", placeholder: "By", most: 160 }}
          button="Say it"
          send={(title, artist) =>
            deeds.cue({ cue: "playTrack", title, artist, position: 0, length: 0, playing: true })
          }
        />
      )}
      {!view.pass && (
        <button
          className="mt-1 text-faint underline"
          aria-expanded={connecting}
          onClick={() => setConnecting(!connecting)}
        >
          Let a player say what is heard
        </button>
      )}
      {connecting && (
        <Suspense fallback={<p className="text-faint">Loading …</p>}>
          <PlayerAddress show={view.show} />
        </Suspense>
      )}
    </>
  );
}
