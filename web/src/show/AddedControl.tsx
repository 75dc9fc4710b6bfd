import { Pause, Play, SkipForward, X } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import type { Send } from "./ControlRow";
import { written } from "./dial";
import { useMayDo } from "./rights";
import { useNow } from "./useNow";

const MINUTES = [0, 1, 5, 10, 30, 60];

/** Lines that were added to a ticker or to what takes turns, and how those go on. */
export function AddedControl({
  piece,
  name,
  added,
  letters,
  cue,
}: {
  piece: string;
  name: string;
  added: Schemas["Added"];
  letters: number | undefined;
  cue: Send;
}) {
  const may = useMayDo();
  const now = useNow(added.lines.some((line) => line.until > 0));
  const [words, setWords] = useState("");
  const [minutes, setMinutes] = useState("10");
  return (
    <div className="mt-1">
      <div className="flex flex-wrap gap-1.5">
        {added.turns && may("nextTurn", piece) && (
          <button
            className="btn flex-1"
            aria-label={`Next: ${name}`}
            onClick={() => void cue({ cue: "nextTurn", piece })}
          >
            <SkipForward size={14} aria-hidden />
            Next
          </button>
        )}
        {may("holdTurns", piece) && (
          <button
            className={`btn flex-1 ${added.held ? "border-ochre bg-ochre-soft" : ""}`}
            aria-pressed={added.held}
            aria-label={`${added.held ? "Go on" : "Stand still"}: ${name}`}
            onClick={() => void cue({ cue: "holdTurns", piece, held: !added.held })}
          >
            {added.held ? <Play size={14} aria-hidden /> : <Pause size={14} aria-hidden />}
            {added.held ? "Go on" : "Stand still"}
          </button>
        )}
      </div>
      <ul className="ruled" aria-label={`Lines added to ${name}`}>
        {added.lines.map((line, i) => (
          <li key={`${String(i)} ${line.words}`} className="flex items-center gap-1.5">
            <span className="min-w-0 flex-1">
              {line.words}{" "}
              <span className="text-faint">
                {line.until > 0 ? `${written("DOWN", Math.max(0, line.until - now))} left` : "stays"}
              </span>
            </span>
            {may("takeLine", piece) && (
              <button
                className="flex size-9 items-center justify-center text-faint hover:text-ink"
                aria-label={`Take out: ${line.words}`}
                onClick={() => void cue({ cue: "takeLine", piece, line: i })}
              >
                <X size={15} />
              </button>
            )}
          </li>
        ))}
      </ul>
      {may("addLine", piece) && (
        <form
          className="mt-1 flex flex-wrap gap-1.5"
          aria-label={`Add a line to ${name}`}
          onSubmit={(event) => {
            event.preventDefault();
            void cue({ cue: "addLine", piece, words: words.trim(), seconds: Number(minutes) * 60 }).then(
              (done) => done && setWords(""),
            );
          }}
        >
          <input
            className="field min-w-28 flex-1"
            aria-label={`Another line of ${name}`}
            placeholder="Another line"
            maxLength={letters}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <select
            className="field"
            aria-label="For how long"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          >
            {MINUTES.map((one) => (
              <option key={one} value={one}>
                {one === 0 ? "stays" : `${String(one)} min`}
              </option>
            ))}
          </select>
          <button className="btn" disabled={words.trim() === ""}>
            Add
          </button>
        </form>
      )}
    </div>
  );
}
