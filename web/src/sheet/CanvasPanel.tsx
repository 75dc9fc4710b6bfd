import { Trash2 } from "lucide-react";
import type { Canvas, Schemas } from "../api/client";
import { NumberField } from "../app/NumberField";
import { useDraftText } from "../app/useDraftText";
import { Tick } from "../app/Tick";
import { newId, useCatalogue, useEdit, useTheme } from "../theme/useTheme";

/** Outputs and what the broadcaster supplies: names, sizes, frame rates, safe margins; and for whom texts must be large enough. */
export function CanvasPanel() {
  const { theme } = useTheme();
  return (
    <div className="flex flex-wrap items-start gap-x-12 gap-y-6">
      <section aria-labelledby="canvases">
        <h2 id="canvases" className="mb-1">
          Canvases
        </h2>
        <table>
          <thead className="text-left text-faint">
            <tr>
              <th className="font-normal">Name</th>
              <th className="font-normal">Width</th>
              <th className="font-normal">Height</th>
              <th className="font-normal">Frame rate</th>
              <th className="font-normal">Safe area, %</th>
              <th className="font-normal">Title-safe, %</th>
            </tr>
          </thead>
          <tbody>
            {theme.canvases.map((canvas) => (
              <CanvasLine key={canvas.id} canvas={canvas} only={theme.canvases.length === 1} />
            ))}
          </tbody>
        </table>
        <AddCanvas />
      </section>
      <section aria-labelledby="captures">
        <h2 id="captures" className="mb-1">
          Captures
        </h2>
        <table>
          <thead className="text-left text-faint">
            <tr>
              <th className="font-normal">Name</th>
              <th className="font-normal">Width</th>
              <th className="font-normal">Height</th>
              <th className="font-normal">See-through</th>
              <th className="font-normal">Marked</th>
            </tr>
          </thead>
          <tbody>
            {theme.captures.map((capture) => (
              <CaptureLine key={capture.id} capture={capture} />
            ))}
          </tbody>
        </table>
        <AddCapture />
        <ViewerFields />
      </section>
    </div>
  );
}

function NameField({ label, value, set }: { label: string; value: string; set: (value: string) => Promise<boolean> }) {
  const draft = useDraftText(value, (text) => set(text.trim()));
  return <input className="field w-32" aria-label={label} {...draft} />;
}

function CanvasLine({ canvas, only }: { canvas: Canvas; only: boolean }) {
  const edit = useEdit();
  const set = (change: Partial<Canvas>) => edit({ edit: "setCanvas", canvas: { ...canvas, ...change } });
  const { name, size, safe } = canvas;
  return (
    <tr>
      <td className="pr-1.5">
        <NameField label={`Name of ${name}`} value={name} set={(next) => set({ name: next })} />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Width of ${name}`}
          value={size.width}
          set={(width) => set({ size: { ...size, width: Math.round(width) } })}
        />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Height of ${name}`}
          value={size.height}
          set={(height) => set({ size: { ...size, height: Math.round(height) } })}
        />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Frame rate of ${name}`}
          width={3}
          value={canvas.frameRate}
          set={(frameRate) => set({ frameRate: Math.round(frameRate) })}
        />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Safe area of ${name}`}
          width={4}
          value={safe.action * 100}
          set={(action) => set({ safe: { ...safe, action: action / 100 } })}
        />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Title-safe area of ${name}`}
          width={4}
          value={safe.graphics * 100}
          set={(graphics) => set({ safe: { ...safe, graphics: graphics / 100 } })}
        />
      </td>
      <td>
        <button
          className="btn px-1.5"
          disabled={only}
          aria-label={`Remove ${name}`}
          title={only ? "A theme keeps at least one canvas" : "Remove this canvas"}
          onClick={() => void edit({ edit: "removeCanvas", canvas: canvas.id })}
        >
          <Trash2 size={13} />
        </button>
      </td>
    </tr>
  );
}

function AddCanvas() {
  const { theme } = useTheme();
  const edit = useEdit();
  const catalogue = useCatalogue();
  const add = (system: Schemas["PictureSystem"]) =>
    void edit({
      edit: "addCanvas",
      index: theme.canvases.length,
      canvas: {
        id: newId("canvas"),
        name: system.name,
        size: system.size,
        frameRate: 60,
        safe: catalogue.data?.safe ?? { action: 0, graphics: 0 },
      },
    });
  return (
    <select
      className="field mt-1.5"
      aria-label="Add a canvas"
      value=""
      onChange={(event) => {
        const system = catalogue.data?.systems[Number(event.target.value)];
        if (system) add(system);
      }}
    >
      <option value="">Add a canvas …</option>
      {catalogue.data?.systems.map((system, i) => (
        <option key={system.name} value={i}>
          {system.name}: {system.size.width} × {system.size.height} ({system.why})
        </option>
      ))}
    </select>
  );
}

function CaptureLine({ capture }: { capture: Schemas["Capture"] }) {
  const edit = useEdit();
  const size = (change: Partial<Schemas["Size"]>) =>
    edit({ edit: "setCaptureSize", capture: capture.id, size: { ...capture.size, ...change } });
  return (
    <tr>
      <td className="pr-1.5">
        <NameField
          label={`Name of ${capture.name}`}
          value={capture.name}
          set={(name) => edit({ edit: "renameCapture", capture: capture.id, name })}
        />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Width of ${capture.name}`}
          value={capture.size.width}
          set={(width) => size({ width: Math.round(width) })}
        />
      </td>
      <td className="pr-1.5">
        <NumberField
          label={`Height of ${capture.name}`}
          value={capture.size.height}
          set={(height) => size({ height: Math.round(height) })}
        />
      </td>
      <td className="pr-1.5 text-center">
        <Tick
          aria-label={`What lies behind ${capture.name} shows through`}
          stored={capture.seeThrough}
          send={(seeThrough) => edit({ edit: "setSeeThrough", capture: capture.id, seeThrough })}
        />
      </td>
      <td className="pr-1.5 text-faint">
        {capture.regions.length === 0 ? "nothing" : capture.regions.map((region) => region.name).join(", ")}
      </td>
      <td>
        <button
          className="btn px-1.5"
          aria-label={`Remove ${capture.name}`}
          onClick={() => void edit({ edit: "removeCapture", capture: capture.id })}
        >
          <Trash2 size={13} />
        </button>
      </td>
    </tr>
  );
}

function AddCapture() {
  const { theme } = useTheme();
  const edit = useEdit();
  const add = () =>
    void edit({
      edit: "addCapture",
      index: theme.captures.length,
      capture: {
        id: newId("capture"),
        name: `Capture ${String(theme.captures.length + 1)}`,
        size: { width: 1920, height: 1080 },
        regions: [],
        seeThrough: false,
      },
    });
  return (
    <button className="btn mt-1.5" onClick={add}>
      Add a capture
    </button>
  );
}

const VIEWERS: [string, Schemas["Viewer"]][] = [
  ["a phone, at a glance", { shortSide: 64, distance: 300, leastHeight: 7 }],
  ["a phone, reading at ease", { shortSide: 64, distance: 300, leastHeight: 12 }],
  ["a computer's window", { shortSide: 170, distance: 600, leastHeight: 7 }],
  ["a television across the room", { shortSide: 620, distance: 2700, leastHeight: 7 }],
];

/** For whom texts must be large enough. */
function ViewerFields() {
  const { theme } = useTheme();
  const edit = useEdit();
  const { viewer } = theme;
  const set = (change: Partial<Schemas["Viewer"]>) => edit({ edit: "setViewer", viewer: { ...viewer, ...change } });
  const known = VIEWERS.findIndex(
    ([, one]) =>
      one.shortSide === viewer.shortSide && one.distance === viewer.distance && one.leastHeight === viewer.leastHeight,
  );
  return (
    <section aria-labelledby="viewer" className="mt-6">
      <h2 id="viewer" className="mb-1">
        Viewer
      </h2>
      <p className="mb-1 text-faint">Texts are checked for somebody at</p>
      <select
        className="field mb-1.5"
        aria-label="Viewer"
        value={known}
        onChange={(event) => {
          const viewerOf = VIEWERS[Number(event.target.value)];
          if (viewerOf) void set(viewerOf[1]);
        }}
      >
        {known < 0 && <option value={-1}>a screen of one's own</option>}
        {VIEWERS.map(([name], i) => (
          <option key={name} value={i}>
            {name}
          </option>
        ))}
      </select>
      <p className="flex flex-wrap items-center gap-1.5 text-faint">
        picture{" "}
        <NumberField
          label="Short side of the picture in millimetres"
          width={4}
          value={viewer.shortSide}
          set={(shortSide) => set({ shortSide })}
        />{" "}
        mm across, seen from{" "}
        <NumberField
          label="Distance in millimetres"
          width={5}
          value={viewer.distance}
          set={(distance) => set({ distance })}
        />{" "}
        mm; an x is at least{" "}
        <NumberField
          label="Least height of an x in minutes of arc"
          width={3}
          value={viewer.leastHeight}
          set={(leastHeight) => set({ leastHeight })}
        />{" "}
        minutes of arc high
      </p>
    </section>
  );
}
