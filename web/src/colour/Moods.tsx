import { Plus, X } from "lucide-react";
import { useDraftText } from "../app/useDraftText";
import { newId, useEdit, useTheme } from "../theme/useTheme";
import { useColours } from "./useColours";

/** The brand's own colours and its moods; the one that is pressed is worn by the whole theme. */
export function Moods() {
  const { brand } = useTheme().theme;
  const { seeds, pins } = useColours();
  const edit = useEdit();
  const worn = brand.moods.find((mood) => mood.id === brand.mood);
  const name = useDraftText(worn?.name ?? "", (text) =>
    worn && text.trim() !== "" ? edit({ edit: "setMood", mood: { ...worn, name: text.trim() } }) : false,
  );
  const wear = (id: string) => void edit({ edit: "chooseMood", mood: id });
  const add = () => {
    const id = newId("mood");
    void edit({
      edit: "batch",
      edits: [
        {
          edit: "addMood",
          index: brand.moods.length,
          mood: { id, name: `Mood ${String(brand.moods.length + 1)}`, seeds, pins },
        },
        { edit: "chooseMood", mood: id },
      ],
    });
  };
  return (
    <div className="mb-4">
      <h2 className="mb-1">Mood</h2>
      <div className="flex flex-col gap-1" role="group" aria-label="Mood that the theme wears">
        <button
          className={`btn justify-start ${worn ? "" : "border-kelp bg-kelp-soft"}`}
          aria-pressed={!worn}
          onClick={() => wear("")}
        >
          <Dots colours={brand.seeds} />
          The brand itself
        </button>
        {brand.moods.map((mood) => (
          <button
            key={mood.id}
            className={`btn justify-start ${mood === worn ? "border-kelp bg-kelp-soft" : ""}`}
            aria-pressed={mood === worn}
            onClick={() => wear(mood.id)}
          >
            <Dots colours={mood.seeds} />
            <span className="truncate">{mood.name}</span>
          </button>
        ))}
      </div>
      {worn ? (
        <div className="mt-1.5 flex gap-1.5">
          <input className="field min-w-0 flex-1" aria-label="Name of this mood" maxLength={60} {...name} />
          <button
            className="btn px-1.5"
            aria-label={`Delete ${worn.name}`}
            onClick={() => void edit({ edit: "removeMood", mood: worn.id })}
          >
            <X size={14} />
          </button>
        </div>
      ) : (
        brand.moods.length < 12 && (
          <button className="btn mt-1.5" onClick={add}>
            <Plus size={14} />
            Mood from these colours
          </button>
        )
      )}
    </div>
  );
}

function Dots({ colours }: { colours: string[] }) {
  return (
    <span className="flex shrink-0">
      {colours.map((colour, i) => (
        <span
          key={i}
          className="-ml-1 size-3.5 rounded-full border border-sheet first:ml-0"
          style={{ background: colour }}
        />
      ))}
    </span>
  );
}
