import { useEffect, useRef, useState, type KeyboardEvent } from "react";

/**
 * A field whose text is sent by Enter or when it is left, and goes back to what is stored when it is refused.
 *
 * @param stored what is stored now
 * @param send   takes the text; false or a refusal puts the stored text back
 */
export function useDraftText(stored: string, send: (text: string) => Promise<boolean> | boolean) {
  const [text, setText] = useState(stored);
  // What was sent and has not come back as stored yet: Enter sends, and leaving the field must not send it again.
  const sent = useRef<string | null>(null);
  useEffect(() => {
    sent.current = null;
    setText(stored);
  }, [stored]);
  const save = async () => {
    if (text === stored || text === sent.current) return;
    sent.current = text;
    const taken = await send(text);
    if (!taken) {
      sent.current = null;
      setText(stored);
    }
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
