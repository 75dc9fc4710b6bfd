import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useTheme } from "../theme/useTheme";
import type { Choices } from "./choices";
import { useObjectUrl } from "./useObjectUrl";

interface SceneProps {
  scene: Schemas["MovedScene"];
  canvas: string;
  to: string;
  choices: Choices;
  title: string;
}

/** The scenes that look otherwise in the copy, before and after. @param title of the platform */
export function SceneList({ to, choices, title }: { to: string; choices: Choices; title: string }) {
  const { id, version, theme } = useTheme();
  const [canvas, setCanvas] = useState(theme.canvases[0]?.id ?? "");
  const scenes = useQuery({
    queryKey: ["moved", id, to, version, choices],
    queryFn: () =>
      answer(api.POST("/api/themes/{id}/move/scenes", { params: { path: { id } }, body: { platform: to, choices } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  return (
    <section className="mb-5" aria-labelledby="moved-scenes">
      <div className="mb-1 flex items-center gap-3">
        <h2 id="moved-scenes">Scenes, before and after</h2>
        <select
          className="field"
          aria-label="Canvas of the pictures"
          value={canvas}
          onChange={(e) => setCanvas(e.target.value)}
        >
          {theme.canvases.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </div>
      {scenes.isPending && <p className="text-faint">Comparing pictures …</p>}
      {!scenes.isPending && !scenes.data && <Trouble query={scenes} />}
      {scenes.data?.length === 0 && <p className="text-faint">No scene looks otherwise.</p>}
      {scenes.data?.map((scene) => (
        <OneScene key={scene.scene} scene={scene} canvas={canvas} to={to} choices={choices} title={title} />
      ))}
    </section>
  );
}

function OneScene({ scene, canvas, to, choices, title }: SceneProps) {
  const { id, version } = useTheme();
  const here = scene.canvases.includes(canvas);
  return (
    <section className="border-t border-rule py-2" aria-label={scene.name}>
      <h3 className="font-bold">{scene.name}</h3>
      <ul>
        {scene.sentences.map((one) => (
          <li key={one}>{one}</li>
        ))}
        {scene.findings.map((one) => (
          <li key={one} className="text-ochre">
            To be looked at there: {one}
          </li>
        ))}
      </ul>
      {here && (
        <div className="mt-1 flex gap-2">
          <figure className="min-w-0 flex-1">
            <img
              className="w-full bg-surround"
              src={`/api/themes/${id}/releases/0/scenes/${encodeURIComponent(scene.scene)}/canvases/${encodeURIComponent(canvas)}/picture.png?width=480&v=${String(version)}`}
              alt={`${scene.name} as it is`}
            />
            <figcaption className="text-faint">as it is</figcaption>
          </figure>
          <figure className="min-w-0 flex-1">
            <MovedPicture scene={scene} canvas={canvas} to={to} choices={choices} title={title} />
            <figcaption className="text-faint">on {title}</figcaption>
          </figure>
        </div>
      )}
      {!here && scene.canvases.length > 0 && <p className="text-faint">It looks the same on this canvas.</p>}
    </section>
  );
}

function MovedPicture({ scene, canvas, to, choices, title }: SceneProps) {
  const { id, version } = useTheme();
  const picture = useQuery({
    queryKey: ["moved-picture", id, to, version, choices, scene.scene, canvas],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{id}/move/picture", {
          params: { path: { id } },
          body: { platform: to, choices, scene: scene.scene, canvas },
          parseAs: "blob",
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
  });
  const source = useObjectUrl(picture.data as Blob | undefined);
  if (!picture.data && !picture.isPending) return <Trouble query={picture} />;
  return source ? (
    <img className="w-full bg-surround" src={source} alt={`${scene.name} on ${title}`} />
  ) : (
    <p className="text-faint">Painting …</p>
  );
}
