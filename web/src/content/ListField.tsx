import { GripVertical, Plus, X } from "lucide-react";
import { useDragOrder } from "../app/useDragOrder";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { useLimits } from "../theme/titles";
import { useTheme } from "../theme/useTheme";
import { useDraftText } from "../app/useDraftText";
import { MessageField } from "./MessageField";
import { useValues } from "./useValues";
import { moved, pastedItems, type Item, type List } from "./lists";

interface Props {
  title: string;
  list: List;
  set: (content: Schemas["Content"]) => Promise<boolean>;
}

const STATES: [NonNullable<Item["state"]>, string][] = [
  ["OPEN", "open"],
  ["NOW", "now"],
  ["DONE", "done"],
];

/**
 * A list, line by line. Lines are dragged by their grip, or moved by arrow keys on it; several lines pasted into one field
 * become lines of their own.
 */
export function ListField({ title, list, set }: Props) {
  const { items } = list;
  const most = useLimits()?.lines ?? items.length;
  const [fresh, setFresh] = useState(false);
  const full = items.length >= most;
  const change = (index: number, part: Partial<Item>) =>
    set(list.with(items.map((item, i) => (i === index ? { ...item, ...part } : item))));
  const order = useDragOrder(items.length, (from, to) => void set(list.with(moved(items, from, to))));
  const paste = (at: number) => (text: string) => {
    const more = pastedItems(text, list);
    if (!more) return false;
    setFresh(false);
    void set(list.with([...items.slice(0, at), ...more, ...items.slice(at)].slice(0, most)));
    return true;
  };
  const add = async (part: Partial<Item>) => {
    const taken = await set(list.with([...items, { label: "", value: "", ...part }]));
    if (taken) setFresh(false);
    return taken;
  };
  return (
    <div>
      <ol className="flex flex-col" aria-label={title}>
        {items.map((item, i) => (
          <li key={i} className={`border-t py-1 ${order.classOf(i)}`} {...order.line(i)}>
            <Line
              number={i + 1}
              item={item}
              list={list}
              change={(part) => change(i, part)}
              pasted={paste(i + 1)}
              entered={() => {
                if (i === items.length - 1 && !full) setFresh(true);
              }}
              remove={() => void set(list.with(items.filter((_, other) => other !== i)))}
              grip={
                <button
                  className="cursor-grab text-faint hover:text-ink"
                  aria-label={`Move line ${String(i + 1)}`}
                  {...order.grip(i)}
                >
                  <GripVertical size={14} />
                </button>
              }
            />
          </li>
        ))}
        {fresh && (
          <li className="border-t border-rule py-1">
            <Line
              number={items.length + 1}
              item={{ label: "", value: "" }}
              list={list}
              fresh
              change={add}
              pasted={paste(items.length)}
              entered={() => setFresh(items.length + 1 < most)}
              remove={() => setFresh(false)}
              grip={<span className="w-3.5" />}
            />
          </li>
        )}
      </ol>
      {items.length === 0 && !fresh && !list.then && <p className="text-faint">Nothing is said here yet.</p>}
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <button className="btn min-h-6" disabled={full || fresh} onClick={() => setFresh(true)}>
          <Plus size={13} />
          Add a line
        </button>
        {full && <span className="text-faint">{most} lines are the most.</span>}
        {list.then !== undefined && <Then then={list.then} choose={(then) => void set(list.with(items, then))} />}
      </div>
    </div>
  );
}

interface LineProps {
  number: number;
  item: Item;
  list: List;
  grip: React.ReactNode;
  fresh?: boolean;
  change: (part: Partial<Item>) => Promise<boolean>;
  remove: () => void;
  pasted: (text: string) => boolean;
  entered?: (() => void) | undefined;
}

function Line({ number, item, list, grip, fresh = false, change, remove, pasted, entered }: LineProps) {
  const [first = "", second] = list.columns;
  const line = `line ${String(number)}`;
  return (
    <div className="flex items-start gap-1">
      <span className="flex min-h-7 items-center">{grip}</span>
      {list.marked && !fresh && (
        <select
          className="field px-0.5"
          aria-label={`State of ${line}`}
          value={item.state ?? "OPEN"}
          onChange={(event) => void change({ state: event.target.value as NonNullable<Item["state"]> })}
        >
          {STATES.map(([state, words]) => (
            <option key={state} value={state}>
              {words}
            </option>
          ))}
        </select>
      )}
      <div className={`grid min-w-0 flex-1 gap-1 ${second ? "@min-[380px]:grid-cols-[2fr_3fr]" : ""}`}>
        <MessageField
          bare
          title={`${first}, ${line}`}
          placeholder={first}
          value={item.label}
          autoFocus={fresh}
          set={(label) => change({ label })}
          pasted={pasted}
          entered={entered}
        />
        {second && (
          <div className="flex min-w-0 gap-1">
            <div className="min-w-0 flex-1">
              <MessageField
                bare
                title={`${second}, ${line}`}
                placeholder={second}
                value={item.value}
                set={(value) => change({ value })}
                pasted={pasted}
                entered={entered}
              />
            </div>
            {list.timed && !fresh && (
              <Seconds line={line} value={item.seconds ?? 0} set={(seconds) => change({ seconds })} />
            )}
          </div>
        )}
        {list.timed && !fresh && (
          <EntryPicture line={line} value={item.picture ?? ""} set={(picture) => change({ picture })} />
        )}
      </div>
      <button
        className="flex min-h-7 items-center text-faint hover:text-ink"
        aria-label={`Remove ${line}`}
        title="Remove"
        onClick={remove}
      >
        <X size={14} />
      </button>
    </div>
  );
}

/** A ready-made picture beside the words, in the colours that it has on the recolouring bench. */
function EntryPicture({ line, value, set }: { line: string; value: string; set: (id: string) => Promise<boolean> }) {
  const { artworks } = useTheme().theme;
  if (artworks.length === 0 && value === "") return null;
  return (
    <select
      className="field"
      aria-label={`Picture of ${line}`}
      title="A picture beside the words, in its own colours or in those of the brand, as the recolouring bench has it"
      value={value}
      onChange={(event) => void set(event.target.value)}
    >
      <option value="">no picture</option>
      {artworks.map((artwork) => (
        <option key={artwork.id} value={artwork.id}>
          {artwork.name}
        </option>
      ))}
      {value !== "" && !artworks.some((artwork) => artwork.id === value) && (
        <option value={value}>a picture that is gone</option>
      )}
    </select>
  );
}

/** Empty is as long as the others. */
function Seconds({ line, value, set }: { line: string; value: number; set: (seconds: number) => Promise<boolean> }) {
  const draft = useDraftText(value === 0 ? "" : String(value), (text) => {
    const seconds = text.trim() === "" ? 0 : Number(text.replace(",", "."));
    return !Number.isNaN(seconds) && set(seconds);
  });
  return (
    <input
      className="field w-12 shrink-0 text-right"
      inputMode="decimal"
      aria-label={`Seconds of ${line}`}
      title="Seconds; empty is as long as the others"
      placeholder="s"
      {...draft}
    />
  );
}

/** A live list whose rows come after these. */
function Then({ then, choose }: { then: string; choose: (then: string) => void }) {
  const lists = useValues().filter((reading) => reading.type === "LIST");
  return (
    <label className="flex min-w-0 items-center gap-1">
      <span className="text-faint">then</span>
      <select className="field min-w-0" value={then} onChange={(event) => choose(event.target.value)}>
        <option value="">nothing more</option>
        {lists.map((list) => (
          <option key={list.name} value={list.name}>
            {list.period.startsWith("of the table") ? `${list.meaning} ${list.period}` : list.meaning}
          </option>
        ))}
      </select>
    </label>
  );
}
