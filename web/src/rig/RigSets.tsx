import { useState } from "react";
import { useDraftText } from "../app/useDraftText";
import type { Program, Rig } from "./useRig";

const MOST_SIDE = 16384;

/** Programs are copied, named, sized and taken out; the whole scene set is kept under a name and taken up again. */
export function RigSets(props: {
  rig: Rig;
  program: Program;
  put: (rig: Rig) => void;
  edit: (program: string) => void;
}) {
  const { rig, program, put, edit } = props;
  const [name, setName] = useState("");
  const [chosen, choose] = useState("");
  const change = (next: Partial<Program>) =>
    put({ ...rig, programs: rig.programs.map((one) => (one.id === program.id ? { ...one, ...next } : one)) });
  const kept = rig.kept.find((one) => one.name === chosen) ?? rig.kept[0];
  return (
    <div className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1.5">
      <Field label="Name of the program" value={program.name} width="w-28" set={(text) => change({ name: text })} />
      <span className="flex items-center gap-1">
        <Size label="Width of the program" value={program.width} set={(width) => change({ width })} />
        ×
        <Size label="Height of the program" value={program.height} set={(height) => change({ height })} />
      </span>
      <button
        className="btn"
        onClick={() => {
          const copy = { ...program, id: crypto.randomUUID(), name: freeName(rig, program.name), canvas: "" };
          put({ ...rig, programs: [...rig.programs, copy] });
          edit(copy.id);
        }}
      >
        Copy the program
      </button>
      <button
        className="btn"
        disabled={rig.programs.length < 2}
        onClick={() => put({ ...rig, programs: rig.programs.filter((one) => one.id !== program.id) })}
      >
        Take it out
      </button>
      <form
        className="ml-auto flex items-center gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          const set = { name: name.trim(), programs: rig.programs };
          put({ ...rig, kept: [...rig.kept.filter((one) => one.name !== set.name), set] });
          choose(set.name);
          setName("");
        }}
      >
        <input
          className="field w-32"
          aria-label="Name to keep the scene set under"
          placeholder="Name of a set"
          value={name}
          maxLength={200}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="btn" disabled={name.trim() === ""}>
          Keep this set
        </button>
      </form>
      {kept && (
        <span className="flex items-center gap-1">
          <select
            className="field"
            aria-label="Kept scene sets"
            value={kept.name}
            onChange={(event) => choose(event.target.value)}
          >
            {rig.kept.map((one) => (
              <option key={one.name}>{one.name}</option>
            ))}
          </select>
          <button className="btn" onClick={() => put({ ...rig, programs: kept.programs })}>
            Take up
          </button>
          <button
            className="btn"
            aria-label={`Delete the kept set ${kept.name}`}
            onClick={() => {
              if (confirm(`Delete the kept scene set ${kept.name}? What the rig holds now stays.`))
                put({ ...rig, kept: rig.kept.filter((one) => one !== kept) });
            }}
          >
            Delete
          </button>
        </span>
      )}
    </div>
  );
}

function freeName(rig: Rig, name: string): string {
  for (let i = 2; ; i++) {
    const next = `${name} ${String(i)}`;
    if (rig.programs.every((one) => one.name !== next)) return next;
  }
}

function Field(props: { label: string; value: string; width: string; set: (text: string) => void }) {
  const { label, value, width, set } = props;
  const draft = useDraftText(value, (text) => {
    if (text.trim() === "") return false;
    set(text.trim());
    return true;
  });
  return <input className={`field ${width}`} aria-label={label} {...draft} />;
}

function Size({ label, value, set }: { label: string; value: number; set: (value: number) => void }) {
  const draft = useDraftText(String(value), (text) => {
    const next = Number(text);
    if (!Number.isInteger(next) || next < 1 || next > MOST_SIDE) return false;
    set(next);
    return true;
  });
  return <input className="field w-16" aria-label={label} inputMode="numeric" {...draft} />;
}
