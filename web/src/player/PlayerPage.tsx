import { Pause, Play, SkipForward, Square } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { written } from "../show/dial";
import { into, played, RECORDINGS, told, type Player } from "./recordings";

/** Seconds after which it says again how far it is. */
const AGAIN = 5;

/** A stand-in for a music player: plays nothing, and tells the show what it would play. */
export function PlayerPage({ token }: { token: string }) {
  const [player, setPlayer] = useState<Player>({ which: 0, position: 0, since: 0, playing: false });
  const [now, setNow] = useState(() => Date.now());
  const [answer, setAnswer] = useState("");
  const silent = useRef(true);
  const tell = (body: object) =>
    void fetch(`/cues/${token}/track`, {
      method: "PUT",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(body),
    }).then(
      async (response) => {
        const said = (await response.json()) as { sentence?: string; detail?: string };
        setAnswer(said.sentence ?? said.detail ?? `Answered with ${String(response.status)}`);
      },
      () => setAnswer("The show does not answer; it is tried again."),
    );
  const turn = (next: Player) => {
    silent.current = false;
    setPlayer(next);
    tell(told(next, Date.now()));
  };

  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), 250);
    return () => window.clearInterval(timer);
  }, []);
  // What is over is followed by the next one.
  const current = played(player, now);
  useEffect(() => {
    if (current !== player) turn(current);
  });
  const state = useRef(player);
  useEffect(() => {
    state.current = player;
  });
  useEffect(() => {
    const timer = window.setInterval(() => {
      if (!silent.current && state.current.playing) tell(told(state.current, Date.now()));
    }, AGAIN * 1000);
    return () => window.clearInterval(timer);
  }, []); // eslint-disable-line react-hooks/exhaustive-deps

  const begin = (which: number, playing = true) => turn({ which, position: 0, since: Date.now(), playing });
  const recording = RECORDINGS[current.which];
  const at = Math.min(into(current, now), recording?.length ?? 0);
  return (
    <main className="mx-auto max-w-xl p-4">
      <h1>Practice player</h1>
      <p className="mb-3 text-faint">
        It plays nothing. It tells the show what it would play, as a music player or a script would.
      </p>
      <section aria-label="What it plays" className="border border-rule bg-sheet p-3">
        <p className="text-lg font-bold">{recording?.title}</p>
        <p>{recording?.artist}</p>
        <progress className="mt-2 h-2 w-full" aria-label="How far it is" max={recording?.length} value={at} />
        <p className="text-faint">
          <output>
            {written("UP", at * 1000)} of {written("UP", (recording?.length ?? 0) * 1000)}
          </output>
        </p>
        <div className="mt-2 grid grid-cols-3 gap-2">
          <button
            className="btn btn-main min-h-11"
            onClick={() => turn({ ...current, position: at, since: Date.now(), playing: !current.playing })}
          >
            {current.playing ? <Pause size={16} aria-hidden /> : <Play size={16} aria-hidden />}
            {current.playing ? "Pause" : "Play"}
          </button>
          <button className="btn min-h-11" onClick={() => begin((current.which + 1) % RECORDINGS.length)}>
            <SkipForward size={16} aria-hidden />
            Next
          </button>
          <button
            className="btn min-h-11"
            onClick={() => {
              silent.current = true;
              setPlayer({ ...current, position: 0, since: Date.now(), playing: false });
              tell({ title: "" });
            }}
          >
            <Square size={16} aria-hidden />
            Stop
          </button>
        </div>
      </section>
      <ol className="ruled mt-3">
        {RECORDINGS.map((one, i) => (
          <li key={one.title}>
            <button className="flex min-h-10 w-full items-center gap-2 text-left" onClick={() => begin(i)}>
              <span className={`min-w-0 flex-1 ${i === current.which ? "font-bold" : ""}`}>
                {one.title} <span className="text-faint">{one.artist}</span>
              </span>
              {written("UP", one.length * 1000)}
            </button>
          </li>
        ))}
      </ol>
      <p role="status" className="mt-3">
        {answer}
      </p>
    </main>
  );
}
