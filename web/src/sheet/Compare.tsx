import { useState } from "react";
import type { Scene, Theme } from "../api/client";
import type { FootageName } from "../footage/Footage";
import { Backing } from "../stage/Backing";
import { useLayouts, useTheme, useLook } from "../theme/useTheme";
import { contentName } from "../app/contentName";

interface Side {
  canvas: string;
  mood: string;
}

/** Every scene twice, beside one another: two canvases, or two moods. */
export function Compare({ footage }: { footage: FootageName | "hatch" }) {
  const { theme } = useTheme();
  const worn = theme.brand.mood;
  const [left, setLeft] = useState<Side>({ canvas: theme.canvases[0]?.id ?? "", mood: worn });
  const [right, setRight] = useState<Side>({
    canvas: theme.canvases[1]?.id ?? theme.canvases[0]?.id ?? "",
    mood: worn,
  });
  return (
    <table className="w-full max-w-5xl table-fixed border-collapse" aria-label="Two compared">
      <thead>
        <tr>
          <th className="w-24" />
          <th className="p-2 text-left font-normal">
            <Choice name="Left" theme={theme} value={left} set={setLeft} />
          </th>
          <th className="p-2 text-left font-normal">
            <Choice name="Right" theme={theme} value={right} set={setRight} />
          </th>
        </tr>
      </thead>
      <tbody>
        {theme.scenes.map((scene) => (
          <tr key={scene.id} className="border-t border-rule align-top">
            <th className="py-2 text-left font-head">{scene.name}</th>
            <td className="p-2">
              <Still scene={scene} side={left} footage={footage} />
            </td>
            <td className="p-2">
              <Still scene={scene} side={right} footage={footage} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Choice({ name, theme, value, set }: { name: string; theme: Theme; value: Side; set: (side: Side) => void }) {
  return (
    <span className="flex gap-2">
      <select
        className="field"
        aria-label={`${name} canvas`}
        value={value.canvas}
        onChange={(event) => set({ ...value, canvas: event.target.value })}
      >
        {theme.canvases.map((canvas) => (
          <option key={canvas.id} value={canvas.id}>
            {canvas.name}
          </option>
        ))}
      </select>
      <select
        className="field"
        aria-label={`${name} mood`}
        value={value.mood}
        onChange={(event) => set({ ...value, mood: event.target.value })}
      >
        <option value="">The brand's own colours</option>
        {theme.brand.moods.map((mood) => (
          <option key={mood.id} value={mood.id}>
            {mood.name}
          </option>
        ))}
      </select>
    </span>
  );
}

function Still({ scene, side, footage }: { scene: Scene; side: Side; footage: FootageName | "hatch" }) {
  const { theme, id } = useTheme();
  const look = useLook();
  const layouts = useLayouts();
  const canvas = theme.canvases.find((one) => one.id === side.canvas);
  const layout = layouts.data?.find((one) => one.scene === scene.id && one.canvas === side.canvas);
  if (!canvas) return null;
  const picture = `/api/themes/${id}/scenes/${scene.id}/canvases/${canvas.id}/picture.png?${new URLSearchParams({ width: String(Math.min(720, canvas.size.width)), mood: side.mood, v: contentName(look, theme.pieces, scene, canvas, theme.lines) }).toString()}`;
  return (
    <div
      className="weave relative mx-auto overflow-hidden"
      style={{
        aspectRatio: `${String(canvas.size.width)} / ${String(canvas.size.height)}`,
        maxHeight: 320,
        maxWidth: (320 * canvas.size.width) / canvas.size.height,
      }}
    >
      {layout && <Backing layout={layout} footage={footage} />}
      <img
        key={picture}
        src={picture}
        alt={`${scene.name} on ${canvas.name}`}
        className="absolute inset-0 size-full"
        loading="lazy"
      />
    </div>
  );
}
