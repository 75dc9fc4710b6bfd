import { Plus, Trash2 } from "lucide-react";
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { NumberField } from "../app/NumberField";
import { useDraftText } from "../app/useDraftText";
import { May } from "../theme/May";
import { useCatalogue } from "../theme/useTheme";
import { clock } from "./clock";
import { changedLine, indexAt, withLine, within, withoutLine } from "./scriptEdits";
import type { Rehearsal, Script } from "./useTimeLine";

/** So near a press means a signal, in pixels. */
const NEAR = 6;

interface Props {
  script: Script;
  playing: Rehearsal[];
  /** Makes the script another one, which is a written one from then on. */
  write: (text: string) => void;
}

/**
 * The signals of a script in time, a lane for each kind, and where those stand that are played. They are dragged along
 * their lane; a press on an empty place of it lays another one there. By keys: up and down choose a signal of the lane,
 * left and right move it.
 */
export function Lanes({ script, playing, write }: Props) {
  const kinds = useCatalogue().data?.signalKinds ?? [];
  const [added, setAdded] = useState<string[]>([]);
  const [chosen, setChosen] = useState<number | null>(null);
  const lanes = kinds.filter((kind) => added.includes(kind.id) || script.marks.some((mark) => mark.signal === kind.id));
  const others = kinds.filter((kind) => !lanes.includes(kind));
  const whole = Math.max(script.seconds, 1);
  const mark = chosen === null ? undefined : script.marks[chosen];
  const move = (index: number, seconds: number) => {
    const at = within(seconds);
    const text = changedLine(script.text, index, { at });
    write(text);
    setChosen(indexAt(text, at));
  };
  const lay = (signal: string, seconds: number) => {
    const at = within(seconds);
    const money = kinds.find((kind) => kind.id === signal)?.amount === "MONEY";
    const text = withLine(script.text, {
      at,
      signal,
      name: "Somebody",
      ...(money
        ? { amount: 500, currency: "EUR" }
        : signal === "GIFTED_SUBSCRIPTIONS" || signal === "RAID"
          ? { amount: 5 }
          : {}),
    });
    write(text);
    setChosen(indexAt(text, at));
  };
  return (
    <div className="mb-2">
      <div className="relative" role="group" aria-label={`Signals of the script over ${clock(script.seconds)}`}>
        {lanes.map((kind) => (
          <Lane
            key={kind.id}
            title={kind.title}
            marks={script.marks.flatMap((one, index) => (one.signal === kind.id ? [{ ...one, index }] : []))}
            whole={whole}
            chosen={chosen}
            choose={setChosen}
            move={move}
            lay={(seconds) => lay(kind.id, seconds)}
            remove={(index) => {
              write(withoutLine(script.text, index));
              setChosen(null);
            }}
          />
        ))}
        <div className="ml-36 flex justify-between text-faint tabular-nums">
          {[0, 0.25, 0.5, 0.75, 1].map((share) => (
            <span key={share}>{clock(share * script.seconds)}</span>
          ))}
        </div>
        <div className="pointer-events-none absolute inset-y-0 right-0 left-36">
          {playing
            .filter((one) => one.seconds === script.seconds)
            .map((one) => (
              <Head key={one.id} rehearsal={one} />
            ))}
        </div>
      </div>
      <May role="OPERATOR">
        <div className="only-may mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
          {others.length > 0 && (
            <label className="flex items-center gap-1.5">
              <Plus size={13} aria-hidden="true" />
              <select
                className="field"
                aria-label="A lane for another kind"
                value=""
                onChange={(event) => setAdded([...added, event.target.value])}
              >
                <option value="">another kind …</option>
                {others.map((kind) => (
                  <option key={kind.id} value={kind.id}>
                    {kind.title}
                  </option>
                ))}
              </select>
            </label>
          )}
          {mark && chosen !== null ? (
            <Chosen
              key={`${String(chosen)} ${mark.name} ${String(mark.at)}`}
              at={mark.at}
              name={mark.name}
              move={(seconds) => move(chosen, seconds)}
              rename={(name) => write(changedLine(script.text, chosen, { name }))}
              remove={() => {
                write(withoutLine(script.text, chosen));
                setChosen(null);
              }}
            />
          ) : (
            <span className="text-faint">
              Drag a signal along its lane, or press an empty place of a lane to lay one there.
            </span>
          )}
        </div>
      </May>
    </div>
  );
}

interface Mark {
  at: number;
  name: string;
  index: number;
}

interface LaneProps {
  title: string;
  marks: Mark[];
  whole: number;
  chosen: number | null;
  choose: (index: number | null) => void;
  move: (index: number, seconds: number) => void;
  lay: (seconds: number) => void;
  remove: (index: number) => void;
}

function Lane({ title, marks, whole, chosen, choose, move, lay, remove }: LaneProps) {
  const box = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<{ index: number; at: number } | null>(null);
  const seconds = (event: PointerEvent) => {
    const { left, width } = box.current?.getBoundingClientRect() ?? { left: 0, width: 1 };
    return { at: ((event.clientX - left) / width) * whole, near: (NEAR / width) * whole };
  };
  const down = (event: PointerEvent<SVGSVGElement>) => {
    const { at, near } = seconds(event);
    const nearest = marks.toSorted((one, other) => Math.abs(one.at - at) - Math.abs(other.at - at))[0];
    if (nearest && Math.abs(nearest.at - at) <= near) {
      choose(nearest.index);
      setDragged({ index: nearest.index, at: nearest.at });
      event.currentTarget.setPointerCapture(event.pointerId);
    } else lay(at);
  };
  const up = () => {
    const was = dragged && marks.find((mark) => mark.index === dragged.index);
    setDragged(null);
    if (was && within(dragged.at) !== was.at) move(dragged.index, dragged.at);
  };
  const keys = (event: KeyboardEvent) => {
    const place = marks.findIndex((mark) => mark.index === chosen);
    const far = event.shiftKey ? 10 : 1;
    const mark = marks[place];
    if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      const next = marks[Math.min(marks.length - 1, Math.max(0, place + (event.key === "ArrowDown" ? 1 : -1)))];
      if (next) choose(next.index);
    } else if (mark && (event.key === "ArrowRight" || event.key === "ArrowLeft"))
      move(mark.index, mark.at + (event.key === "ArrowRight" ? far : -far));
    else if (mark && (event.key === "Delete" || event.key === "Backspace")) remove(mark.index);
    else return;
    event.preventDefault();
  };
  return (
    <div className="flex items-center border-b border-rule">
      <span className="w-36 shrink-0 truncate pr-2">
        {title} <span className="text-faint">{marks.length}</span>
      </span>
      <svg
        ref={box}
        className="h-6 min-w-0 flex-1 cursor-crosshair touch-none overflow-visible"
        viewBox="0 0 1000 20"
        preserveAspectRatio="none"
        role="application"
        aria-label={`Lane: ${title}`}
        tabIndex={0}
        onPointerDown={down}
        onPointerMove={(event) => {
          if (dragged) setDragged({ ...dragged, at: Math.min(whole, Math.max(0, seconds(event).at)) });
        }}
        onPointerUp={up}
        onPointerCancel={() => setDragged(null)}
        onKeyDown={keys}
      >
        {marks.map((mark) => {
          const at = ((dragged?.index === mark.index ? dragged.at : mark.at) / whole) * 1000;
          return (
            <line
              key={mark.index}
              x1={at}
              x2={at}
              y1={2}
              y2={18}
              vectorEffect="non-scaling-stroke"
              className={mark.index === chosen ? "stroke-ink" : marks.length > 40 ? "stroke-kelp/50" : "stroke-kelp"}
              strokeWidth={mark.index === chosen ? 4 : 2}
            >
              <title>{`${clock(mark.at)} ${mark.name}`}</title>
            </line>
          );
        })}
      </svg>
    </div>
  );
}

/** The signal that is chosen: when it comes and who it is from. */
function Chosen(props: {
  at: number;
  name: string;
  move: (seconds: number) => void;
  rename: (name: string) => void;
  remove: () => void;
}) {
  const name = useDraftText(props.name, (text) => {
    if (text.trim() === "") return false;
    props.rename(text.trim());
    return true;
  });
  return (
    <>
      <label className="flex items-center gap-1.5">
        at
        <NumberField
          label="Seconds after the beginning"
          width={5}
          digits={1}
          value={props.at}
          set={(next) => {
            props.move(next);
            return Promise.resolve(true);
          }}
        />
        s
      </label>
      <label className="flex items-center gap-1.5">
        from
        <input className="field w-44" aria-label="Who it is from" maxLength={100} {...name} />
      </label>
      <button className="btn px-1.5" aria-label="Take this signal out" title="Take it out" onClick={props.remove}>
        <Trash2 size={13} />
      </button>
    </>
  );
}

/** Where a rehearsal stands; moves with each frame, without drawing the page anew. */
function Head({ rehearsal }: { rehearsal: Rehearsal }) {
  const line = useRef<HTMLDivElement>(null);
  const { began, now, speed, seconds } = rehearsal;
  useEffect(() => {
    const ahead = now - Date.now();
    let frame = 0;
    const step = () => {
      const at = ((Date.now() + ahead - began) / 1000) * speed;
      if (line.current) line.current.style.left = `${String(Math.min(100, (at / Math.max(seconds, 1)) * 100))}%`;
      frame = requestAnimationFrame(step);
    };
    step();
    return () => cancelAnimationFrame(frame);
    // The server's clock runs on by itself; only another rehearsal begins anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [began, speed, seconds]);
  return <div ref={line} className="absolute inset-y-0 w-0.5 bg-live" />;
}
