import { ListStart, Play } from "lucide-react";
import type { Scene } from "../api/client";
import { useCalm } from "../app/useCalm";
import { useMay } from "../theme/May";
import { useEdit } from "../theme/useTheme";
import { useStage } from "./useStage";

/** Whether pieces come in when the scene comes on, and how that looks. */
export function Arrival({ scene }: { scene: Scene }) {
  const edit = useEdit();
  const may = useMay();
  const look = useStage();
  const calm = useCalm();
  const some = scene.arrives || scene.stack.some((placed) => placed.arrival === "ARRIVES");
  return (
    <span className="mb-2 flex items-center" role="group" aria-label="When the scene comes on">
      <span className="mr-2 text-faint">When it comes on</span>
      <button
        className={`btn rounded-r-none px-1.5 ${scene.arrives ? "border-kelp bg-kelp-soft" : ""}`}
        aria-pressed={scene.arrives}
        disabled={!may}
        title="When this scene comes on, its pieces come in one after the other, from back to front. Frames over captures and alerts are there at once."
        onClick={() => void edit({ edit: "setSceneArrives", scene: scene.id, arrives: !scene.arrives })}
      >
        <ListStart size={15} />
        Comes in
      </button>
      <button
        className="btn -ml-px rounded-l-none px-1.5"
        disabled={!some || calm}
        aria-label="Play how the scene comes on"
        title={
          calm
            ? "Your system asks for less motion, so nothing moves here; viewers see it."
            : some
              ? "Play how the scene comes on"
              : "Nothing on this scene comes in yet."
        }
        onClick={() => look.set({ arrivals: look.arrivals + 1 })}
      >
        <Play size={15} />
      </button>
    </span>
  );
}
