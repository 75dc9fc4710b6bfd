import { useState } from "react";
import type { Schemas } from "../api/client";
import { useQuestions, type Answers } from "./useBeginning";

/** The texts of the chosen scenes in one list. */
export function WordsQuestion(props: {
  answers: Answers;
  change: (part: Partial<Answers>, typed?: boolean) => void;
  look: (role: Schemas["Scene"]["role"]) => void;
}) {
  const { answers, change, look } = props;
  const questions = useQuestions();
  const [typed, setTyped] = useState<Record<string, string>>(answers.words);
  const asked = questions.data?.words.filter(({ role }) => answers.roles.includes(role)) ?? [];
  return (
    <div className="flex flex-col gap-2">
      {asked.map(({ id, role, title, standard }, i) => (
        <label key={id} className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] items-center gap-2">
          <span className="text-faint">{title}</span>
          <input
            className="field"
            autoFocus={i === 0}
            maxLength={200}
            placeholder={standard}
            value={typed[id] ?? ""}
            onFocus={() => look(role)}
            onChange={(event) => {
              const next = { ...typed, [id]: event.target.value };
              setTyped(next);
              change(
                { words: Object.fromEntries(Object.entries(next).filter(([, text]) => text.trim() !== "")) },
                true,
              );
            }}
          />
        </label>
      ))}
      <p className="text-faint">
        What stands empty keeps what the picture shows. Everything can be changed later on Pieces.
      </p>
    </div>
  );
}
