import { FileUp, Plus, X } from "lucide-react";
import { useRef, useState } from "react";
import { COLOUR_FILES } from "../colour/BringIn";
import { ColourField } from "../colour/ColourField";
import { sayProblem } from "../app/notices";
import { useFileDrop } from "../app/useFileDrop";
import { MOST_SEEDS, seedsOf } from "../shelf/useBegin";
import { useQuestions, type Answers } from "./useBeginning";

/** A name; and colours typed, picked, taken from a picture, or one of eight moods. */
export function ColoursQuestion(props: {
  answers: Answers;
  change: (part: Partial<Answers>, typed?: boolean) => void;
}) {
  const { answers, change } = props;
  const questions = useQuestions();
  const [name, setName] = useState(answers.name);
  const chooser = useRef<HTMLInputElement>(null);
  const set = (seeds: string[]) => change({ seeds });
  const read = (file: File | undefined) => {
    if (!file) return;
    seedsOf(file).then((seeds) => {
      if (seeds.length > 0) set(seeds);
    }, sayProblem);
  };
  const { over, dropping } = useFileDrop(([first]) => read(first));
  return (
    <>
      <label className="mb-4 block">
        Name of the theme
        <input
          className="field mt-1 w-full"
          autoFocus
          required
          maxLength={120}
          value={name}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setName(event.target.value);
            if (event.target.value.trim() !== "") change({ name: event.target.value.trim() }, true);
          }}
        />
      </label>
      <fieldset className="mb-4">
        <legend className="mb-1">Moods to begin with</legend>
        <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-4">
          {questions.data?.moods.map((mood) => {
            const chosen = mood.seeds.join() === answers.seeds.join();
            return (
              <button
                key={mood.name}
                type="button"
                className={`border bg-sheet text-left ${chosen ? "border-kelp outline-2 outline-kelp" : "border-rule hover:border-ink"}`}
                aria-pressed={chosen}
                onClick={() => set(mood.seeds)}
              >
                <span className="flex h-7">
                  {mood.seeds.map((seed) => (
                    <span key={seed} className="flex-1" style={{ background: seed }} />
                  ))}
                </span>
                <span className="px-1.5">{mood.name}</span>
              </button>
            );
          })}
        </div>
      </fieldset>
      <fieldset
        className={`border border-dashed p-3 ${over ? "border-kelp bg-kelp-soft" : "border-rule"}`}
        {...dropping}
      >
        <legend className="px-1">Or your own colours</legend>
        <ol className="flex flex-col gap-1.5">
          {answers.seeds.map((seed, i) => (
            <li key={i} className="flex items-center gap-1.5">
              <ColourField
                label={`Colour ${String(i + 1)}`}
                colour={seed}
                set={(colour) => {
                  set(answers.seeds.map((one, at) => (at === i ? colour : one)));
                  return Promise.resolve(true);
                }}
              />
              {answers.seeds.length > 1 && (
                <button
                  type="button"
                  className="btn px-1.5"
                  aria-label={`Remove colour ${String(i + 1)}`}
                  onClick={() => set(answers.seeds.filter((_, at) => at !== i))}
                >
                  <X size={14} />
                </button>
              )}
            </li>
          ))}
        </ol>
        <div className="mt-2 flex flex-wrap gap-1.5">
          {answers.seeds.length < MOST_SEEDS && (
            <button type="button" className="btn" onClick={() => set([...answers.seeds, "#7a5c9e"])}>
              <Plus size={14} />
              Add a colour
            </button>
          )}
          <button type="button" className="btn" onClick={() => chooser.current?.click()}>
            <FileUp size={14} />
            From a logo or picture
          </button>
          <input
            ref={chooser}
            type="file"
            className="hidden"
            accept={COLOUR_FILES}
            aria-label="Logo, picture or palette to take colours from"
            onChange={(event) => {
              read(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </div>
        <p className="mt-1.5 text-faint">
          The most important first; everything else is derived. A picture can be dropped here.
        </p>
      </fieldset>
    </>
  );
}
