import { useState } from "react";
import { ScenePicture } from "../app/ScenePicture";
import type { DeskView } from "./door";

type OnAir = DeskView["themes"][number];

/** What viewers see now on each canvas, small. */
export function Pictures({ view }: { view: DeskView }) {
  // With a pass one sees what viewers see, and nothing that is still being made.
  if (view.pass && view.themes.every((theme) => theme.release === 0))
    return <p className="px-3 pt-2 text-faint">Nothing is on air yet.</p>;
  if (view.themes.length === 0) return <p className="px-3 pt-2 text-faint">This show has no theme yet.</p>;
  return (
    <div className="flex gap-3 overflow-x-auto bg-surround px-3 py-2" aria-label="What viewers see" role="group">
      {view.themes.flatMap((theme) =>
        theme.canvases.map((canvas) => (
          <CanvasPicture
            key={`${theme.theme} ${canvas.id}`}
            theme={theme}
            canvas={canvas}
            prefix={view.themes.length > 1 ? `${theme.name}, ` : ""}
          />
        )),
      )}
    </div>
  );
}

/** The scene that a source shows to viewers; while none does, the one that somebody looks at. */
function CanvasPicture({ theme, canvas, prefix }: { theme: OnAir; canvas: OnAir["canvases"][number]; prefix: string }) {
  const [looked, setLooked] = useState("");
  const scene = theme.scenes.find((one) => one.id === (canvas.seen || looked)) ?? theme.scenes[0];
  if (!scene) return null;
  const height = 132;
  const width = Math.round((canvas.width / canvas.height) * height);
  return (
    <figure className="shrink-0" style={{ width: Math.max(width, 118) }}>
      <div className="bg-black" style={{ width }}>
        <ScenePicture
          theme={theme.theme}
          scene={scene.id}
          canvas={canvas.id}
          width={canvas.width}
          height={canvas.height}
          source={theme.release > 0 ? "RELEASE" : "DRAFT"}
          moving
        />
      </div>
      <figcaption className="mt-1 bg-sheet px-1 text-[12.5px]">
        {canvas.seen !== "" ? (
          <span className="block truncate">
            <span className="mr-1 inline-block size-2 rounded-full bg-live" aria-hidden />
            {prefix}
            {canvas.name}: {scene.name}
          </span>
        ) : (
          <select
            className="w-full bg-transparent py-1"
            aria-label={`Scene of ${canvas.name} to look at`}
            value={scene.id}
            onChange={(event) => setLooked(event.target.value)}
          >
            {theme.scenes.map((one) => (
              <option key={one.id} value={one.id}>
                {prefix}
                {canvas.name}: {one.name}
              </option>
            ))}
          </select>
        )}
      </figcaption>
    </figure>
  );
}
