import { timeOfDay } from "../app/dates";
import type { PartProps } from "./DeskPage";

/** What was done last, by whom, and a way to take it back. */
export function DonePart({ view, deeds }: PartProps) {
  const { takeBack } = deeds;
  if (view.done.length === 0)
    return <p className="text-faint">Nothing yet. Every press stands here, with who did it.</p>;
  return (
    <ul className="ruled" aria-label="What was done last">
      {view.done.map((line) => (
        <li key={line.number} className="flex min-h-9 items-center gap-2">
          <span className="text-faint">{timeOfDay(line.at)}</span>
          <span className={`min-w-0 flex-1 ${line.undone ? "text-faint line-through" : ""}`}>
            {line.sentence} <span className="text-faint">{line.mine ? "me" : line.who}</span>
          </span>
          {takeBack && line.standing && (
            <button
              className="shrink-0 text-faint underline"
              aria-label={`Take back: ${line.sentence}`}
              onClick={() => void takeBack(line.number)}
            >
              take back
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
