import { ArrowUp, Trash2 } from "lucide-react";
import { useState } from "react";

export interface EditedLine {
  label: string;
  value: string;
}

interface Props<Line extends EditedLine> {
  what: string;
  titles: [string, string];
  lines: Line[];
  added: Line;
  letters?: number | undefined;
  send: (lines: Line[]) => Promise<boolean>;
}

/**
 * Lines of two texts that are added, changed, put in another order and taken out, and sent together.
 *
 * @param titles of the two texts
 */
export function LineEditor<Line extends EditedLine>({ what, titles, lines, added, letters, send }: Props<Line>) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-1" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-8 cursor-pointer items-center text-faint">Write {what}</summary>
      {open && (
        <Lines
          what={what}
          titles={titles}
          lines={lines}
          added={added}
          letters={letters}
          send={(next) => send(next).then((done) => (done && setOpen(false), done))}
        />
      )}
    </details>
  );
}

function Lines<Line extends EditedLine>({ what, titles, lines, added, letters, send }: Props<Line>) {
  const [edited, setEdited] = useState(lines);
  const put = (i: number, change: Partial<EditedLine>) =>
    setEdited(edited.map((line, j) => (j === i ? { ...line, ...change } : line)));
  return (
    <form
      aria-label={`Write ${what}`}
      onSubmit={(event) => {
        event.preventDefault();
        void send(edited);
      }}
    >
      <ol className="ruled">
        {edited.map((line, i) => (
          <li key={i} className="flex items-center gap-1 py-0.5">
            <span className="grid min-w-0 flex-1 gap-1 sm:grid-cols-2">
              <input
                className="field"
                aria-label={`${titles[0]} ${String(i + 1)}`}
                placeholder={titles[0]}
                maxLength={letters}
                value={line.label}
                onChange={(event) => put(i, { label: event.target.value })}
              />
              <input
                className="field"
                aria-label={`${titles[1]} ${String(i + 1)}`}
                placeholder={titles[1]}
                maxLength={letters}
                value={line.value}
                onChange={(event) => put(i, { value: event.target.value })}
              />
            </span>
            <button
              type="button"
              className="flex size-9 items-center justify-center text-faint hover:text-ink disabled:opacity-30"
              aria-label={`Move ${String(i + 1)} up`}
              disabled={i === 0}
              onClick={() => setEdited(edited.toSpliced(i, 1).toSpliced(i - 1, 0, line))}
            >
              <ArrowUp size={14} />
            </button>
            <button
              type="button"
              className="flex size-9 items-center justify-center text-faint hover:text-ink"
              aria-label={`Take out ${String(i + 1)}`}
              onClick={() => setEdited(edited.toSpliced(i, 1))}
            >
              <Trash2 size={14} />
            </button>
          </li>
        ))}
      </ol>
      <div className="mt-1 flex flex-wrap gap-1.5">
        <button type="button" className="btn" onClick={() => setEdited([...edited, added])}>
          Add one
        </button>
        <button className="btn btn-main">Keep</button>
      </div>
    </form>
  );
}
