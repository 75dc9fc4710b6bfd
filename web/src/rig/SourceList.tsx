import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { Eye, EyeOff, GripVertical, Plus, TriangleAlert, X } from "lucide-react";
import { useNotices } from "../app/notices";
import { useDraftText } from "../app/useDraftText";
import { useDragOrder } from "../app/useDragOrder";
import { useChoices } from "../theme/titles";
import { useLoudness } from "./useLoudness";
import { NO_BOX, type Program, type RigScene, type RigSource } from "./useRig";

interface Props {
  program: Program;
  scene: RigScene;
  change: (sources: (old: RigSource[]) => RigSource[]) => void;
}

/** The sources of a scene, top first, with the figures that would be typed into broadcasting software. */
export function SourceList({ program, scene, change }: Props) {
  const add = (kind: RigSource["kind"]) =>
    change((sources) => [
      ...sources,
      {
        id: crypto.randomUUID(),
        name: kind === "BROWSER" ? "Browser source" : "Capture",
        kind,
        link: "",
        width: kind === "BROWSER" ? 800 : 1920,
        height: kind === "BROWSER" ? 600 : 1080,
        behaviour: "KEEP_RUNNING",
        shown: true,
        x: 0,
        y: 0,
        scale: 1,
        cropLeft: 0,
        cropTop: 0,
        cropRight: 0,
        cropBottom: 0,
        pattern: kind === "BROWSER" ? "" : "play",
        box: NO_BOX,
      },
    ]);
  const save = (source: RigSource) => change((sources) => sources.map((old) => (old.id === source.id ? source : old)));
  const top = [...scene.sources].reverse();
  const order = useDragOrder(top.length, (from, to) =>
    change((sources) => {
      const next = [...sources].reverse();
      next.splice(to, 0, ...next.splice(from, 1));
      return next.reverse();
    }),
  );
  return (
    <section>
      <div className="mb-1 flex items-center gap-2">
        <h2>
          Sources of {scene.name} on {program.name}, top first
        </h2>
        <button className="btn ml-auto" onClick={() => add("CAPTURE")}>
          <Plus size={14} />
          Capture
        </button>
        <button className="btn" onClick={() => add("BROWSER")}>
          <Plus size={14} />
          Browser source
        </button>
      </div>
      {top.length === 0 && <p className="text-faint">No sources in this scene.</p>}
      <ol className="border-t border-rule">
        {top.map((source, i) => (
          <li
            key={source.id}
            className={`border-b py-1 ${order.classOf(i)}`}
            data-source-line={source.name}
            {...order.line(i)}
          >
            <div className="flex items-center gap-2">
              <button
                className="grid size-6 cursor-grab place-items-center text-faint"
                aria-label={`Move ${source.name}`}
                {...order.grip(i)}
              >
                <GripVertical size={14} />
              </button>
              <Line
                source={source}
                save={save}
                remove={() => change((sources) => sources.filter((old) => old.id !== source.id))}
                spoil={(how) => change((sources) => how(sources, source))}
              />
            </div>
            <Place source={source} save={save} />
          </li>
        ))}
      </ol>
    </section>
  );
}

type Spoil = (sources: RigSource[], one: RigSource) => RigSource[];

/** What goes wrong on many evenings, at one press each, so that one sees how it is found. */
const WRONGS: [string, Spoil][] = [
  [
    "Half its size",
    (all, one) =>
      all.map((old) =>
        old === one ? { ...one, width: Math.ceil(one.width / 2), height: Math.ceil(one.height / 2), scale: 2 } : old,
      ),
  ],
  ["Under everything", (all, one) => [one, ...all.filter((old) => old !== one)]],
  ["Over everything", (all, one) => [...all.filter((old) => old !== one), one]],
  ["Twice", (all, one) => [...all, { ...one, id: crypto.randomUUID(), name: `${one.name} 2` }]],
  ["Missing", (all, one) => all.filter((old) => old !== one)],
];

function Line(props: {
  source: RigSource;
  save: (source: RigSource) => void;
  remove: () => void;
  spoil: (how: Spoil) => void;
}) {
  const { source, save, remove, spoil } = props;
  const { behaviours } = useChoices();
  const browser = source.kind === "BROWSER";
  return (
    <>
      <button
        className="btn px-1.5"
        aria-label={source.shown ? `Hide ${source.name}` : `Show ${source.name}`}
        aria-pressed={source.shown}
        onClick={() => save({ ...source, shown: !source.shown })}
      >
        {source.shown ? <Eye size={14} /> : <EyeOff size={14} />}
      </button>
      <Text
        label={`Name of ${source.name}`}
        value={source.name}
        width="w-36"
        set={(name) => save({ ...source, name })}
      />
      {browser ? (
        <>
          <Text
            label={`Link of ${source.name}`}
            value={source.link}
            width="min-w-0 flex-1"
            set={(link) => save({ ...source, link })}
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
        <span className="min-w-0 flex-1 text-faint">capture</span>
      )}
      {browser && <Loud source={source.id} />}
      <Menu>
        <MenuButton
          className="btn px-1.5"
          aria-label={`Make ${source.name} wrong`}
          title="Make it wrong, to see how that is found"
        >
          <TriangleAlert size={14} />
        </MenuButton>
        <MenuItems anchor="bottom end" className="z-20 border border-rule bg-sheet py-1 shadow">
          {WRONGS.filter(([name]) => browser || name !== "Half its size").map(([name, how]) => (
            <MenuItem key={name}>
              <button className="block w-full px-3 py-1 text-left data-focus:bg-kelp-soft" onClick={() => spoil(how)}>
                {name}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <button className="btn px-1.5" aria-label={`Remove ${source.name}`} onClick={remove}>
        <X size={14} />
      </button>
    </>
  );
}

/** From nothing to as loud as digital sound can be. */
const QUIETEST = -60;

/** How loud it is, and was at most. */
function Loud({ source }: { source: string }) {
  const loudness = useLoudness((state) => state.sources[source]);
  if (!loudness || !Number.isFinite(loudness.most)) return null;
  const share = loudness.now === null ? 0 : Math.min(1, Math.max(0, 1 - loudness.now / QUIETEST));
  return (
    <span
      className="flex items-center gap-1 whitespace-nowrap text-[12px]"
      title={`Momentary loudness; at most ${loudness.most.toFixed(1)} LUFS until now`}
    >
      <span className="inline-block h-2 w-12 bg-rule" aria-hidden="true">
        <span className="block h-2 bg-kelp" style={{ width: `${String(Math.round(share * 100))}%` }} />
      </span>
      {loudness.now === null ? "silent" : `${loudness.now.toFixed(1)} LUFS`}
    </span>
  );
}

/** Size, place and crop, as they are typed; a capture either cropped in its own pixels or filling a box. */
function Place({ source, save }: { source: RigSource; save: (source: RigSource) => void }) {
  const set = (change: Partial<RigSource>) => save({ ...source, ...change });
  const { box } = source;
  const boxed = box.width > 0;
  const figure = (
    title: string,
    value: number,
    done: (value: number) => void,
    most: number,
    least = 0,
    parts = false,
  ) => (
    <Figure
      label={`${title} of ${source.name}`}
      title={title}
      value={value}
      least={least}
      most={most}
      parts={parts}
      set={done}
    />
  );
  return (
    <div className="ml-8 mt-0.5 flex flex-wrap items-center gap-x-3 gap-y-1 text-faint">
      <span className="flex items-center gap-1">
        Size
        {figure("Width", source.width, (width) => set({ width }), SIDE, 1)}×
        {figure("Height", source.height, (height) => set({ height }), SIDE, 1)}
      </span>
      <span className="flex items-center gap-1">
        at
        {figure("Left", source.x, (x) => set({ x }), SIDE, -SIDE)},
        {figure("Top", source.y, (y) => set({ y }), SIDE, -SIDE)}
      </span>
      {boxed ? (
        <span className="flex items-center gap-1">
          box
          {figure("Box width", box.width, (width) => set({ box: { ...box, width } }), SIDE, 1)}×
          {figure("Box height", box.height, (height) => set({ box: { ...box, height } }), SIDE, 1)}
        </span>
      ) : (
        <>
          <span className="flex items-center gap-1">
            {figure("Scale", round(source.scale * 100), (percent) => set({ scale: percent / 100 }), 1600, 0.01, true)}%
          </span>
          <span className="flex items-center gap-1" title="Left, top, right, bottom, in its own pixels">
            crop
            {figure("Crop left", source.cropLeft, (cropLeft) => set({ cropLeft }), source.width - source.cropRight - 1)}
            {figure("Crop top", source.cropTop, (cropTop) => set({ cropTop }), source.height - source.cropBottom - 1)}
            {figure(
              "Crop right",
              source.cropRight,
              (cropRight) => set({ cropRight }),
              source.width - source.cropLeft - 1,
            )}
            {figure(
              "Crop bottom",
              source.cropBottom,
              (cropBottom) => set({ cropBottom }),
              source.height - source.cropTop - 1,
            )}
          </span>
        </>
      )}
      {source.kind === "CAPTURE" && (
        <label className="flex items-center gap-1">
          <input
            type="checkbox"
            className="accent-kelp"
            checked={boxed}
            onChange={(event) =>
              set({
                box: event.target.checked
                  ? {
                      width: Math.max(
                        1,
                        Math.round((source.width - source.cropLeft - source.cropRight) * source.scale),
                      ),
                      height: Math.max(
                        1,
                        Math.round((source.height - source.cropTop - source.cropBottom) * source.scale),
                      ),
                      across: 0.5,
                      down: 0.5,
                    }
                  : NO_BOX,
              })
            }
          />
          fills a box
        </label>
      )}
    </div>
  );
}

const SIDE = 16384;

function round(figure: number): number {
  return Math.round(figure * 100) / 100;
}

function Figure(props: {
  label: string;
  title: string;
  value: number;
  least: number;
  most: number;
  parts: boolean;
  set: (value: number) => void;
}) {
  const { label, title, value, least, most, parts, set } = props;
  const say = useNotices((state) => state.say);
  const draft = useDraftText(String(value), (text) => {
    const next = Number(text.trim().replace(",", "."));
    const right = text.trim() !== "" && next >= least && next <= most && (parts || Number.isInteger(next));
    if (right) set(next);
    else
      say(
        `${title} is a ${parts ? "" : "whole "}number from ${String(least)} to ${String(Math.floor(most))}; “${text}” is none.`,
        true,
      );
    return right;
  });
  return <input className="field w-14" aria-label={label} title={title} inputMode="decimal" {...draft} />;
}

function Text({
  label,
  value,
  width,
  set,
}: {
  label: string;
  value: string;
  width: string;
  set: (value: string) => void;
}) {
  const draft = useDraftText(value, (text) => {
    set(text.trim());
    return true;
  });
  return <input className={`field ${width}`} aria-label={label} {...draft} />;
}
