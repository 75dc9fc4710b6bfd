import { useChoices } from "../theme/titles";
import { Eye, EyeOff, Plus, X } from "lucide-react";
import { useDraftText } from "../app/useDraftText";
import type { Program, RigScene, RigSource } from "./useRig";

interface Props {
  program: Program;
  scene: RigScene;
  change: (sources: (old: RigSource[]) => RigSource[]) => void;
}

/** The sources of a scene, top first, with the figures that would be typed into broadcasting software. */
export function SourceList({ program, scene, change }: Props) {
  const add = () =>
    change((sources) => [
      ...sources,
      {
        id: crypto.randomUUID(),
        name: "Browser source",
        kind: "BROWSER",
        link: "",
        width: 800,
        height: 600,
        behaviour: "KEEP_RUNNING",
        shown: true,
        x: 0,
        y: 0,
        scale: 1,
        cropX: 0,
        cropY: 0,
        pattern: "",
      },
    ]);
  const save = (source: RigSource) => change((sources) => sources.map((old) => (old.id === source.id ? source : old)));
  return (
    <section>
      <div className="mb-1 flex items-center gap-2">
        <h2>
          Sources of {scene.name} on {program.name}, top first
        </h2>
        <button className="btn ml-auto" onClick={add}>
          <Plus size={14} />
          Browser source
        </button>
      </div>
      {scene.sources.length === 0 && <p className="text-faint">No sources in this scene.</p>}
      <ul className="ruled border-y border-rule">
        {[...scene.sources].reverse().map((source) => (
          <Line
            key={source.id}
            source={source}
            save={save}
            remove={() => change((sources) => sources.filter((old) => old.id !== source.id))}
          />
        ))}
      </ul>
    </section>
  );
}

function Line({ source, save, remove }: { source: RigSource; save: (source: RigSource) => void; remove: () => void }) {
  const { behaviours } = useChoices();
  const browser = source.kind === "BROWSER";
  return (
    <li className="flex items-center gap-2 py-1" data-source-line={source.name}>
      <button
        className="btn px-1.5"
        aria-label={source.shown ? `Hide ${source.name}` : `Show ${source.name}`}
        aria-pressed={source.shown}
        onClick={() => save({ ...source, shown: !source.shown })}
      >
        {source.shown ? <Eye size={14} /> : <EyeOff size={14} />}
      </button>
      <span className="w-28 shrink-0 truncate" title={source.name}>
        {source.name}
      </span>
      {browser ? (
        <Text label={`Link of ${source.name}`} value={source.link} wide set={(link) => save({ ...source, link })} />
      ) : (
        <span className="min-w-0 flex-1 text-faint">
          capture {source.width} × {source.height}
        </span>
      )}
      {browser ? (
        <>
          <Text
            label={`Width of ${source.name}`}
            value={String(source.width)}
            set={(v) => save({ ...source, width: Number(v) })}
          />
          ×
          <Text
            label={`Height of ${source.name}`}
            value={String(source.height)}
            set={(v) => save({ ...source, height: Number(v) })}
          />
          <select
            className="field w-36"
            aria-label={`Behaviour of ${source.name}`}
            value={source.behaviour}
            onChange={(e) => save({ ...source, behaviour: e.target.value as RigSource["behaviour"] })}
          >
            {behaviours.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
        </>
      ) : (
        <>
          <Text
            label={`Left of ${source.name}`}
            value={String(source.x)}
            set={(v) => save({ ...source, x: Number(v) })}
          />
          ,
          <Text
            label={`Top of ${source.name}`}
            value={String(source.y)}
            set={(v) => save({ ...source, y: Number(v) })}
          />
          <span className="w-36 text-faint">
            {(source.scale * 100).toFixed(2)} %, crop {source.cropX}/{source.cropY}
          </span>
        </>
      )}
      <button className="btn px-1.5" aria-label={`Remove ${source.name}`} onClick={remove}>
        <X size={14} />
      </button>
    </li>
  );
}

function Text({
  label,
  value,
  set,
  wide = false,
}: {
  label: string;
  value: string;
  set: (value: string) => void;
  wide?: boolean;
}) {
  const draft = useDraftText(value, (text) => {
    if (!wide && !/^\s*-?\d+\s*$/.test(text)) return false;
    set(text.trim());
    return true;
  });
  return <input className={`field ${wide ? "min-w-0 flex-1" : "w-14"}`} aria-label={label} {...draft} />;
}
