import { Trash2 } from "lucide-react";
import type { Box, Layout, Scene, Theme } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { usePlatforms } from "../app/usePlatforms";
import { newId, useEdit, useTheme } from "../theme/useTheme";
import { figured } from "./arithmetic";
import { useStage, type Drawing } from "./useStage";

const DRAWN: [Drawing, string, string][] = [
  [
    "keepClear",
    "Keep clear",
    "A part of this scene on this shape of canvas that pieces leave free, such as a platform's own buttons",
  ],
  ["FACE", "Face", "A face in a capture: it stays in sight and nothing lies over it, on every scene and canvas"],
  ["DISPLAY", "Own display", "A game's own display in a capture: nothing lies over it"],
];

/** What pieces leave free here: drawn once, named, and checked everywhere. */
export function AreaList({ theme, scene, layout }: { theme: Theme; scene: Scene; layout: Layout }) {
  const edit = useEdit();
  const drawing = useStage((state) => state.drawing);
  const set = useStage((state) => state.set);
  const kept = scene.keepClear.filter((area) => area.shape === layout.shape);
  const captures = theme.captures.filter((capture) =>
    layout.openings.some((opening) => opening.capture === capture.id),
  );
  return (
    <section aria-label="Areas">
      <p className="only-may mb-1 text-faint">
        {drawing === ""
          ? "Draw one on the stage:"
          : "Drag over the stage, or press Enter on it for one in the middle; Escape leaves."}
      </p>
      <div className="only-may mb-2 flex flex-wrap gap-1.5">
        {DRAWN.map(([id, title, why]) => (
          <button
            key={id}
            className={`btn ${drawing === id ? "border-kelp bg-kelp-soft" : ""}`}
            aria-pressed={drawing === id}
            title={why}
            onClick={() => set({ drawing: drawing === id ? "" : id })}
          >
            {title}
          </button>
        ))}
      </div>
      <PlatformAreas theme={theme} layout={layout} />
      <ul className="ruled">
        {kept.map((area) => (
          <Line
            key={area.id}
            name={area.name}
            of="kept clear"
            box={area.box}
            place={(box) => edit({ edit: "setKeepClear", scene: scene.id, area: { ...area, box } })}
            rename={(name) => edit({ edit: "setKeepClear", scene: scene.id, area: { ...area, name } })}
            drop={() => void edit({ edit: "dropKeepClear", scene: scene.id, area: area.id })}
          />
        ))}
        {captures.flatMap((capture) =>
          capture.regions.map((region) => (
            <Line
              key={`${capture.id} ${region.id}`}
              name={region.name}
              of={capture.name}
              box={region.box}
              place={(box) => edit({ edit: "setRegion", capture: capture.id, region: { ...region, box } })}
              rename={(name) => edit({ edit: "setRegion", capture: capture.id, region: { ...region, name } })}
              drop={() => void edit({ edit: "dropRegion", capture: capture.id, region: region.id })}
            />
          )),
        )}
      </ul>
      {kept.length === 0 && captures.every((capture) => capture.regions.length === 0) && (
        <p className="text-faint">None yet. A face that is drawn once is kept in sight by every crop.</p>
      )}
    </section>
  );
}

interface LineProps {
  name: string;
  of: string;
  box: Box;
  place: (box: Box) => Promise<boolean>;
  rename: (name: string) => Promise<boolean>;
  drop: () => void;
}

const SIDES: [keyof Box, string][] = [
  ["x", "left"],
  ["y", "top"],
  ["width", "width"],
  ["height", "height"],
];

/** Its name and its place: kept-clear areas in units (1080 to the short side), regions in the capture's own pixels. */
/** What the channel's platform covers of this shape with buttons of its own, to be kept clear at one press. */
function PlatformAreas({ theme, layout }: { theme: Theme; layout: Layout }) {
  const edit = useEdit();
  const { platform } = useTheme();
  const covers =
    usePlatforms()
      .data?.find((one) => one.title === platform)
      ?.covers.filter((area) => area.shape === layout.shape) ?? [];
  const missing = theme.scenes.flatMap((scene) =>
    covers
      .filter((area) => !scene.keepClear.some((kept) => kept.name === area.title && kept.shape === area.shape))
      .map((area) => ({ scene: scene.id, area })),
  );
  if (missing.length === 0) return null;
  // Lengths are in units.
  const width = layout.width / layout.unit;
  const height = layout.height / layout.unit;
  const keep = () =>
    void edit({
      edit: "batch",
      edits: missing.map(({ scene, area }) => ({
        edit: "setKeepClear",
        scene,
        area: {
          id: newId("area"),
          name: area.title,
          shape: area.shape,
          box: { x: area.left * width, y: area.top * height, width: area.width * width, height: area.height * height },
        },
      })),
    });
  return (
    <button className="btn only-may mb-2" title={covers.map((area) => area.title).join("; ")} onClick={keep}>
      Keep {platform}’s own buttons clear on every scene
    </button>
  );
}

function Line({ name, of, box, place, rename, drop }: LineProps) {
  const draft = useDraftText(name, (text) => rename(text.trim()));
  return (
    <li className="py-1.5">
      <span className="flex items-center gap-2">
        <input className="field min-w-0 flex-1" aria-label={`Name of ${name}`} {...draft} />
        <span className="shrink-0 text-faint">{of}</span>
        <button className="btn px-1.5" aria-label={`Remove ${name}`} onClick={drop}>
          <Trash2 size={13} />
        </button>
      </span>
      <span className="mt-1 flex gap-1">
        {SIDES.map(([side, title]) => (
          <Figure
            key={side}
            label={`${name}, ${title}`}
            value={box[side]}
            set={(value) => place({ ...box, [side]: value })}
          />
        ))}
      </span>
    </li>
  );
}

function Figure({ label, value, set }: { label: string; value: number; set: (value: number) => Promise<boolean> }) {
  const draft = useDraftText(String(Math.round(value)), (text) => {
    const next = figured(text, value);
    return next === null ? false : set(next);
  });
  return <input className="field w-0 flex-1 px-1 text-center" aria-label={label} title={label} {...draft} />;
}
