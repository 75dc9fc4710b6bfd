import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { useTheme } from "../theme/useTheme";
import { useLookAgain } from "./useLedger";

/** Gives one piece or group a link of its own, in a box of its own. */
export function AloneForm({ canvas }: { canvas: string }) {
  const { id, theme } = useTheme();
  const say = useNotices((state) => state.say);
  const again = useLookAgain(id);
  const [sceneId, setScene] = useState("");
  const [part, setPart] = useState("");
  const scene = theme.scenes.find((one) => one.id === sceneId) ?? theme.scenes[0];
  const make = useMutation({
    mutationFn: (wish: { scene: string; canvas: string; part: string }) =>
      answer(api.POST("/api/themes/{id}/sources", { params: { path: { id } }, body: wish })),
    onSuccess: () => {
      again();
      setPart("");
      say("It has a link of its own now; its size and place stand beside it.");
    },
    onError: sayProblem,
  });
  if (!scene) return null;
  const groups = [...new Set(scene.stack.map((placed) => placed.group).filter((group) => group !== ""))];
  const pieces = scene.stack.flatMap((placed) => theme.pieces.filter((piece) => piece.id === placed.piece));
  return (
    <form
      className="mt-2 flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        make.mutate({ scene: scene.id, canvas, part });
      }}
    >
      <span>A piece or group alone, as a source in its own box:</span>
      <select className="field" aria-label="Scene" value={scene.id} onChange={(event) => setScene(event.target.value)}>
        {theme.scenes.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      <select
        className="field"
        aria-label="Piece or group"
        value={part}
        onChange={(event) => setPart(event.target.value)}
        required
      >
        <option value="">Choose …</option>
        {groups.map((group) => (
          <option key={`g ${group}`} value={`GROUP:${group}`}>
            Group {group}
          </option>
        ))}
        {pieces.map((piece) => (
          <option key={piece.id} value={`PIECE:${piece.id}`}>
            {piece.name}
          </option>
        ))}
      </select>
      <button className="btn" disabled={part === "" || make.isPending}>
        Make a link
      </button>
    </form>
  );
}
