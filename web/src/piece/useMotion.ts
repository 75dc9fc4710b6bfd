import { useQuery } from "@tanstack/react-query";
import { answer, api, type Piece } from "../api/client";
import { useSettled } from "../app/useSettled";
import { usePieceName, useTheme } from "../theme/useTheme";

/** Every frame is looked at, so a slider that is being dragged is waited for. */
const AFTER_CHANGES = 900;

/** How a piece moves on a canvas, measured by the server. */
export function useMotion(piece: Piece, canvas: string, scene: string) {
  const { id } = useTheme();
  const settled = useSettled(usePieceName(piece, canvas, scene), AFTER_CHANGES);
  return useQuery({
    queryKey: ["motion", id, piece.id, canvas, scene, settled],
    queryFn: ({ signal }) =>
      answer(
        api.GET("/api/themes/{theme}/pieces/{piece}/motion", {
          params: { path: { theme: id, piece: piece.id }, query: { canvas, scene } },
          signal,
        }),
      ),
    placeholderData: (old) => old,
  });
}
