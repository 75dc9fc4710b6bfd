import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useSettled } from "../app/useSettled";
import { useValues } from "./useValues";
import { useLimits } from "../theme/titles";
import { useThemeId } from "../theme/useTheme";

const AFTER_TYPING = 180;

interface Props {
  title: string;
  /** Whether the title is only told to those who cannot see the list that it stands in. */
  bare?: boolean;
  value: string;
  set: (text: string) => Promise<boolean>;
  placeholder?: string;
  autoFocus?: boolean;
  /** Enter, after the text was kept. */
  entered?: (() => void) | undefined;
  /** Several lines at once; true when they were taken. */
  pasted?: ((text: string) => boolean) | undefined;
  /** The values that it may use, where they are not those of the show. */
  values?: Schemas["ReadingView"][] | undefined;
  /** Whether it is what a bot answers, which may also show who asks. */
  answers?: boolean;
  /** Told with each letter, and with null when what was typed is kept or given up. */
  typing?: ((text: string | null) => void) | undefined;
  /** What is wrong with what is typed and what viewers would read, where somebody else sees to that. */
  checked?: Schemas["Checked"] | undefined;
}

/**
 * A text with live values. While it is written, the values that fit are listed, mistakes are said in place, and what
 * viewers would read is shown. Kept when it is left and by Enter. Escape brings back what was there.
 */
export function MessageField({
  title,
  bare = false,
  value,
  set,
  placeholder,
  autoFocus = false,
  entered,
  pasted,
  values,
  answers = false,
  typing,
  checked,
}: Props) {
  const [typed, setTypedHere] = useState<string | null>(null);
  const setTyped = (next: string | null) => {
    setTypedHere(next);
    typing?.(next);
  };
  const [open, setOpen] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const text = typed ?? value;
  const own = useCheck(text, open && !checked, answers);
  const check = checked ?? own;
  const limits = useLimits();
  // What is on its way: Enter keeps a text, and leaving the field afterwards must not keep it again.
  const sent = useRef<string | null>(null);
  const keep = async () => {
    setOpen(false);
    if (typed === null || typed === value) setTyped(null);
    else if (typed !== sent.current) {
      sent.current = typed;
      if (await set(typed)) setTyped(null);
      else sent.current = null;
    }
  };
  const insert = (name: string) => {
    const at = input.current?.selectionStart ?? text.length;
    const begun = /\{(\w*)$/.exec(text.slice(0, at));
    const from = begun ? at - begun[0].length : at;
    setTyped(`${text.slice(0, from)}{${name}}${text.slice(at).replace(/^\}/, "")}`);
    input.current?.focus();
  };
  return (
    <div className="relative min-w-0">
      <label className="block">
        {!bare && <span className="text-faint">{title}</span>}
        <input
          ref={input}
          className={`field w-full ${check?.mistake ? "border-ochre" : ""}`}
          maxLength={limits?.letters}
          value={text}
          placeholder={placeholder}
          autoFocus={autoFocus}
          aria-label={bare ? title : undefined}
          aria-invalid={Boolean(check?.mistake)}
          onChange={(event) => {
            sent.current = null;
            setTyped(event.target.value);
          }}
          onFocus={() => setOpen(true)}
          onBlur={() => void keep()}
          onPaste={(event) => {
            if (pasted?.(event.clipboardData.getData("text/plain"))) event.preventDefault();
          }}
          onKeyDown={(event) => {
            if (event.key === "Escape") setTyped(null);
            if (event.key === "Enter") void keep().then(entered);
          }}
        />
      </label>
      {check?.mistake && (
        <p className="text-ochre" role="alert">
          {check.mistake}
        </p>
      )}
      {open && (
        // Over what lies below, which must not move away under a press that leaves this field.
        <div className="absolute inset-x-0 top-full z-20 border border-t-0 border-rule bg-sheet px-1.5">
          {check && !check.mistake && text.includes("{") && (
            <p className="truncate text-faint">Viewers read: {check.shown}</p>
          )}
          <Values
            text={text.slice(0, input.current?.selectionStart ?? text.length)}
            whole={text}
            values={values}
            insert={insert}
          />
        </div>
      )}
    </div>
  );
}

/** The values that fit what stands after the last open brace, while one is open. */
function Values(props: {
  text: string;
  whole: string;
  values: Schemas["ReadingView"][] | undefined;
  insert: (name: string) => void;
}) {
  const { text, whole, insert } = props;
  const readings = useValues();
  const begun = /\{(\w*)$/.exec(text)?.[1];
  if (begun === undefined && !whole.includes("{")) return <p className="text-faint">Write {"{"} for a live value.</p>;
  if (begun === undefined) return null;
  const fitting = (props.values ?? readings).filter((reading) =>
    reading.name.toLowerCase().includes(begun.toLowerCase()),
  );
  return (
    <ul className="max-h-40 overflow-y-auto border border-rule bg-paper" aria-label="Live values">
      {fitting.map((reading) => (
        <li key={reading.name}>
          <button
            className="flex w-full gap-2 px-1.5 text-left hover:bg-kelp-soft"
            tabIndex={-1}
            onMouseDown={(event) => event.preventDefault()}
            onClick={() => insert(reading.name)}
          >
            <code>{`{${reading.name}}`}</code>
            <span className="truncate text-faint">{reading.meaning}</span>
          </button>
        </li>
      ))}
      {fitting.length === 0 && <li className="px-1.5 text-faint">No value has this in its name.</li>}
    </ul>
  );
}

/** What the server says of a text a moment after the last letter. */
function useCheck(text: string, on: boolean, answers: boolean): Schemas["Checked"] | undefined {
  const id = useThemeId();
  const settled = useSettled(text, AFTER_TYPING);
  const check = useQuery({
    queryKey: ["message", id, settled, answers],
    queryFn: () => {
      const wish = { params: { path: { theme: id } }, body: { text: settled } };
      return answers
        ? answer(api.POST("/api/themes/{theme}/messages/answer", wish))
        : answer(api.POST("/api/themes/{theme}/messages", wish));
    },
    enabled: (on && settled.includes("{")) || (on && settled.includes("}")),
    placeholderData: (old) => old,
  });
  return text.includes("{") || text.includes("}") ? check.data : undefined;
}
