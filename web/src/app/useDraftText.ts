import { useEffect, useRef, useState, type KeyboardEvent } from "react";

/**
 * A field whose text is sent by Enter or when it is left, and goes back to what is stored when it is refused.
 *
 * @param stored what is stored now
 * @param send   takes the text; false or a refusal puts the stored text back
 */
export function useDraftText(stored: string, send: (text: string) => Promise<boolean> | boolean) {
  const [text, setText] = useState(stored);
  useEffect(() => setText(stored), [stored]);
  const sending = useRef(false);
  const save = async () => {
    // Enter sends, and leaving the field before the answer must not send again.
    if (text === stored || sending.current) return;
    sending.current = true;
    const taken = await send(text);
    sending.current = false;
    if (!taken) setText(stored);
  };
  return {
    value: text,
    onChange: (event: { target: { value: string } }) => setText(event.target.value),
    onBlur: () => void save(),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === "Enter") void save();
    },
  };
}
