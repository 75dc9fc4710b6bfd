import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useObjectUrl } from "../move/useObjectUrl";
import { useTheme } from "../theme/useTheme";
import type { Choices, PackView } from "./Sorted";

/** How all scenes would look. */
export function ProposedScenes({ pack, view, choices }: { pack: string; view: PackView; choices: Choices }) {
  const [canvas, setCanvas] = useState("");
  const shown = view.canvases.find((one) => one.id === canvas) ?? view.canvases[0];
  if (!shown) return null;
  return (
    <section aria-label="Proposed scenes">
      <div className="mb-1 flex items-center gap-2">
        <h2>As scenes</h2>
        {view.canvases.length > 1 && (
          <select
            className="field ml-auto"
            aria-label="On which canvas"
            value={shown.id}
            onChange={(event) => setCanvas(event.target.value)}
          >
            {view.canvases.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        )}
      </div>
      <ul className="flex flex-wrap gap-3">
        {view.scenes.map((scene) => (
          <li key={scene.id}>
            <OneScene pack={pack} scene={scene} canvas={shown.id} choices={choices} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function OneScene(props: { pack: string; scene: PackView["scenes"][number]; canvas: string; choices: Choices }) {
  const { pack, scene, canvas, choices } = props;
  const { id, version } = useTheme();
  const picture = useQuery({
    queryKey: ["pack-picture", id, version, pack, scene.id, canvas, choices],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{theme}/packs/{pack}/picture", {
          params: { path: { theme: id, pack } },
          body: { choices, scene: scene.id, canvas },
          parseAs: "blob",
        }),
      ),
    placeholderData: keepPreviousData,
    gcTime: 0,
    staleTime: Infinity,
  });
  const shown = useObjectUrl(picture.data as Blob | undefined);
  if (picture.isError) return <Trouble query={picture} />;
  return (
    <figure>
      {shown === "" ? (
        <span className="block h-28 w-48 bg-surround" aria-busy="true" />
      ) : (
        <img
          className={`h-28 bg-surround ${picture.isPlaceholderData ? "opacity-60" : ""}`}
          src={shown}
          alt={`${scene.name}, as proposed`}
        />
      )}
      <figcaption className="text-faint">{scene.name}</figcaption>
    </figure>
  );
}
