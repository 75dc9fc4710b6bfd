import { RotateCcw } from "lucide-react";
import type { Schemas } from "../api/client";
import { CountField } from "./CountField";
import { DayField } from "./DayField";
import { ListingField } from "./ListingField";
import { ListField } from "./ListField";
import { MessageField } from "./MessageField";
import { TimeZoneField } from "./TimeZoneField";
import { TintField } from "./TintField";
import { listOf } from "./lists";
import { useLatest } from "./useLatest";

export type Content = Schemas["Content"];

interface Props {
  field: Schemas["Field"];
  value: Content;
  /** Whether this was written here, so that there is a way back. */
  own: boolean;
  set: (value: Content) => Promise<boolean>;
  drop?: () => Promise<boolean>;
}

/** One field of what a piece says, edited as its type wants it. Every change is one step to undo. */
export function ContentField({ field, value: kept, own, set: send, drop }: Props) {
  const [value, set] = useLatest(kept, send);
  const list = listOf(field, value);
  if (list) {
    return (
      <fieldset className="@container min-w-0">
        <legend className="flex w-full items-center gap-2">
          <span className="flex-1 text-faint">{field.title}</span>
          {own && drop && (
            <button
              className="btn min-h-6 px-1.5"
              aria-label={`${field.title}: back to the starting words`}
              title="Back to the starting words"
              onClick={() => void drop()}
            >
              <RotateCcw size={13} />
            </button>
          )}
        </legend>
        <ListField title={field.title} list={list} set={set} />
      </fieldset>
    );
  }
  if (typeof value === "string") return <MessageField title={field.title} value={value} set={set} />;
  if ("number" in value) return <CountField title={field.title} value={value} set={set} />;
  if ("zone" in value) return <TimeZoneField title={field.title} value={value.zone} set={(zone) => set({ zone })} />;
  if ("table" in value) return <ListingField title={field.title} value={value} set={set} />;
  if ("colour" in value)
    return <TintField key={value.colour} title={field.title} colour={value.colour} set={(colour) => set({ colour })} />;
  if ("day" in value) return <DayField title={field.title} value={value.day} set={(day) => set({ day })} />;
  return null;
}
