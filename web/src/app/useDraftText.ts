import { useEffect, useRef, useState, type KeyboardEvent } from "react";
import { isTakeBack, passOn } from "./typing";

/** Milliseconds in which what was taken has come back as stored, or something else was stored since. */
const COMES_BACK = 1000;

/**
 * A field whose text is sent by Enter or when it is left, and goes back to what is stored when it is refused. Taking
 * back is the field's own only while it holds what was not sent.
 *
 * @param stored what is stored now
 * @param send   takes the text; false or a refusal puts the stored text back
 */
export function useDraftText(stored: string, send: (text: string) => Promise<boolean> | boolean) {
  const [text, setText] = useState(stored);
  // What was sent and has not come back as stored yet: Enter sends, and leaving the field must not send it again.
  const sent = useRef<string | null>(null);
  const now = useRef(stored);
  useEffect(() => {
    now.current = stored;
    sent.current = null;
    setText(stored);
  }, [stored]);
  const unsent = () => text !== stored && text !== sent.current;
  const save = async () => {
    if (!unsent()) return;
    sent.current = text;
    const taken = await send(text);
    if (!taken) {
      sent.current = null;
      setText(stored);
      return;
    }
    // What was taken back at once, or says the same in other words, does not come back: then what is stored is shown.
    window.setTimeout(() => {
      if (sent.current !== text) return;
      sent.current = null;
      setText((shown) => (shown === text ? now.current : shown));
    }, COMES_BACK);
  };
  return {
    value: text,
    onChange: (event: { target: { value: string } }) => setText(event.target.value),
    onBlur: () => void save(),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === "Enter") void save();
      else if (isTakeBack(event) && !unsent()) passOn(event.nativeEvent);
    },
  };
}
