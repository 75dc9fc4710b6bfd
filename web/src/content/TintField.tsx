import { RotateCcw } from "lucide-react";
import { useState } from "react";

/** A colour is sent once it is chosen, not while it is looked for. */
export function TintField({
  title,
  colour,
  set,
}: {
  title: string;
  colour: string;
  set: (colour: string) => Promise<boolean>;
}) {
  const [draft, setDraft] = useState(colour);
  const keep = () => {
    if (draft !== colour) void set(draft);
  };
  return (
    <span className="flex items-center">
      <label className="flex items-center gap-1.5 text-faint">
        <span>{title}</span>
        <input
          type="color"
          className="h-9 w-11 border border-rule bg-paper p-0.5"
          aria-label={`${title}: ${colour === "" ? "the theme’s" : colour}`}
          value={draft === "" ? "#808080" : draft}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={keep}
        />
      </label>
      {draft !== colour && (
        <button type="button" className="btn" onClick={keep}>
          Keep
        </button>
      )}
      {colour !== "" && (
        <button
          type="button"
          className="flex size-9 items-center justify-center text-faint hover:text-ink"
          aria-label={`${title}: the theme’s`}
          title="The theme’s colour"
          onClick={() => void set("")}
        >
          <RotateCcw size={14} />
        </button>
      )}
    </span>
  );
}
