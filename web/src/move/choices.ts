import type { Schemas } from "../api/client";

export type Choices = Schemas["Choices"];

export const AS_PROPOSED: Choices = { kept: [], texts: {}, values: {} };

/** With a line that stays as it is, or does not any more. */
export function keeping(choices: Choices, id: string, kept: boolean): Choices {
  const rest = choices.kept.filter((one) => one !== id);
  return { ...choices, kept: kept ? [...rest, id] : rest };
}

/** With a text typed otherwise; the proposal itself is no wish. */
export function typing(choices: Choices, id: string, text: string, proposed: string): Choices {
  const texts = without(choices.texts, id);
  return { ...choices, texts: text === proposed ? texts : { ...texts, [id]: text } };
}

/** With another value to be shown; empty for what is shown now. */
export function showing(choices: Choices, id: string, name: string): Choices {
  return { ...choices, values: { ...choices.values, [id]: name } };
}

/** How many lines are wanted otherwise than proposed. */
export function wishes(choices: Choices): number {
  return choices.kept.length + Object.keys(choices.texts).length + Object.keys(choices.values).length;
}

function without(texts: Record<string, string>, id: string): Record<string, string> {
  return Object.fromEntries(Object.entries(texts).filter(([key]) => key !== id));
}

/** What was kept by this browser; anything else is no wish. */
export function choicesFrom(kept: string | null): Choices {
  try {
    const read: unknown = JSON.parse(kept ?? "");
    return isChoices(read) ? read : AS_PROPOSED;
  } catch {
    return AS_PROPOSED;
  }
}

function isChoices(value: unknown): value is Choices {
  const { kept, texts, values } = (value ?? {}) as Partial<Choices>;
  return Array.isArray(kept) && kept.every((one) => typeof one === "string") && isTexts(texts) && isTexts(values);
}

function isTexts(value: unknown): boolean {
  return (
    typeof value === "object" &&
    value !== null &&
    !Array.isArray(value) &&
    Object.values(value).every((one) => typeof one === "string")
  );
}
