import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import { useEffect, useRef, useState } from "react";
import { HexColorPicker } from "react-colorful";
import { useDraftText } from "../app/useDraftText";

interface Props {
  label: string;
  colour: string;
  /** Changes with the same gesture are undone as one. */
  set: (colour: string, gesture: string) => Promise<boolean>;
}

const LEAST_WAIT = 60;

/** A colour: a picker that repaints everything while it is dragged, and any CSS notation to type. */
export function ColourField({ label, colour, set }: Props) {
  const [dragged, setDragged] = useState(colour);
  const sent = useRef({ at: 0, timer: 0 });
  const gesture = useRef("");
  const draft = useDraftText(colour, (text) => set(text, ""));
  useEffect(() => setDragged(colour), [colour]);
  const begin = () => {
    gesture.current = crypto.randomUUID();
  };
  const drag = (next: string) => {
    setDragged(next);
    if (next === colour) return;
    clearTimeout(sent.current.timer);
    const send = () => {
      sent.current.at = Date.now();
      void set(next, gesture.current);
    };
    const wait = LEAST_WAIT - (Date.now() - sent.current.at);
    if (wait <= 0) send();
    else sent.current.timer = window.setTimeout(send, wait);
  };
  return (
    <Popover className="relative flex min-w-0 flex-1 items-center gap-2">
      <PopoverButton
        onClick={begin}
        className="h-8 w-10 shrink-0 border border-rule"
        style={{ background: dragged }}
        aria-label={`${label}, ${dragged}; open the picker`}
      />
      <input
        className="field min-w-0 flex-1"
        aria-label={`${label} as text`}
        title="Any CSS colour: #4f8f5b, seagreen, oklch(60% 0.1 146) …"
        spellCheck={false}
        {...draft}
      />
      <PopoverPanel anchor="right start" className="z-20 ml-2 border border-rule bg-sheet p-3 shadow">
        <HexColorPicker color={dragged} onChange={drag} onMouseDown={begin} />
      </PopoverPanel>
    </Popover>
  );
}
