import { useId } from "react";
import type { Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import type { Send } from "./ControlRow";
import { useMayDo } from "./rights";

/** Words over a piece's own. */
export function WordsControl({
  piece,
  lines,
  letters,
  cue,
}: {
  piece: string;
  lines: Schemas["Line"][];
  /** So many a text may have. */
  letters: number | undefined;
  cue: Send;
}) {
  return (
    <div className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-1.5">
      {lines.map((line) => (
        <Words
          key={line.field}
          line={line}
          letters={letters}
          say={(words) => cue({ cue: "say", piece, field: line.field, words })}
          letGo={() => void cue({ cue: "letGoOf", piece, slot: line.field })}
        />
      ))}
    </div>
  );
}

function Words({
  line,
  letters,
  say,
  letGo,
}: {
  line: Schemas["Line"];
  letters: number | undefined;
  say: (words: string) => Promise<boolean>;
  letGo: () => void;
}) {
  const draft = useDraftText(line.words, say);
  // Letting the theme speak again is for those who may do everything.
  const mayLetGo = useMayDo()("letGoOf");
  const field = useId();
  return (
    <div className="flex min-w-0 flex-col">
      <div className="flex min-h-6 items-center text-faint">
        <label className="truncate" htmlFor={field}>
          {line.title}
        </label>
        {line.over && mayLetGo && (
          <button
            className="ml-auto underline"
            onClick={letGo}
            title="Back to the theme’s words"
            aria-label={`The theme’s words again: ${line.title}`}
          >
            the theme’s
          </button>
        )}
      </div>
      <input id={field} className={`field ${line.over ? "border-ochre" : ""}`} maxLength={letters} {...draft} />
    </div>
  );
}
