import type { Piece } from "../api/client";
import { useTheme } from "../theme/useTheme";
import { useCues, useShow } from "./useShow";

/** That the show says something else than what is written in the theme, so that nobody wonders. */
export function SaidNow({ piece }: { piece: Piece }) {
  const theme = useTheme();
  const show = useShow(theme.show);
  const cues = useCues(theme.show);
  const speaker = piece.share === "" ? piece.id : piece.share;
  const control = show.data?.controls.find((one) => one.piece === speaker);
  if (!control?.held) return null;
  return (
    <div className="flex flex-wrap items-center gap-1.5 border-l-4 border-ochre bg-ochre-soft px-2 py-1" role="note">
      <span className="w-full">The show says something else of this piece now, and that is what is seen.</span>
      <button className="btn" onClick={() => void cues.cue({ cue: "letGo", piece: piece.id })}>
        Back to the theme’s content
      </button>
      <button className="btn" onClick={() => cues.takeOver({ theme: theme.id, piece: piece.id })}>
        Take over into the theme
      </button>
    </div>
  );
}
