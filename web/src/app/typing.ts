/** Key presses in a field that it has no use for, so that they mean what they mean elsewhere. */
const passedOn = new WeakSet<Event>();

/** Undo and redo, as pressed. */
export function isTakeBack(event: Pick<KeyboardEvent, "ctrlKey" | "metaKey" | "key">): boolean {
  return (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z";
}

/** Said by a field in which nothing stands that was not sent: what is taken back then is the last thing that was. */
export function passOn(event: Event): void {
  passedOn.add(event);
}

/** Whether a key was pressed to write. */
export function isTyping(event: Event): boolean {
  return (
    (event.target instanceof HTMLInputElement ||
      event.target instanceof HTMLTextAreaElement ||
      event.target instanceof HTMLSelectElement) &&
    !passedOn.has(event)
  );
}
