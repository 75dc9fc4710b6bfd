import type { DragEvent } from "react";
import type { DeskView } from "../desk/door";
import { keyState, type DeckKey } from "./keys";

/** One key with its title, its picture and how what it does stands. */
export function Key({
  number,
  deckKey,
  view,
  now,
  setup,
  selected,
  press,
  drop,
}: {
  number: number;
  deckKey: DeckKey | null;
  view: DeskView;
  now: number;
  setup: boolean;
  selected: boolean;
  press: () => void;
  drop: (event: DragEvent) => void;
}) {
  const state = deckKey ? keyState(view, deckKey, now) : null;
  const name = deckKey ? deckKey.title : "empty";
  return (
    <button
      className={`relative flex aspect-square flex-col items-center justify-end overflow-hidden border-2 p-1 text-center ${
        state?.on ? "bg-live text-paper" : "bg-sheet text-ink"
      } ${selected ? "border-ochre outline-2 outline-ochre" : state?.on ? "border-live" : "border-rule"}`}
      disabled={!setup && (!deckKey || state?.lost)}
      aria-label={`Key ${String(number)}: ${name}${state?.value ? `, ${state.value}` : ""}`}
      aria-pressed={setup ? selected : (state?.on ?? false)}
      onClick={press}
      onDragOver={(event) => setup && event.preventDefault()}
      onDrop={drop}
    >
      {deckKey?.picture && (
        <img src={deckKey.picture} alt="" className="absolute inset-0 size-full object-cover opacity-60" />
      )}
      {state?.value !== undefined && state.value !== "" && (
        <span className="relative mb-auto mt-2 w-full truncate text-[clamp(14px,2.6vw,26px)] font-bold leading-tight">
          {state.value}
        </span>
      )}
      <span className="relative line-clamp-3 w-full text-[12.5px] leading-tight">
        {state?.lost ? "gone" : deckKey ? deckKey.title : setup ? String(number) : ""}
      </span>
    </button>
  );
}
