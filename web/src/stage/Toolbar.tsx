import { Blocks, Magnet, Ruler, ScanFace, Smartphone } from "lucide-react";
import type { Canvas, Scene, Theme } from "../api/client";
import { FOOTAGE } from "../footage/Footage";
import { Proposal } from "./Proposal";
import { useStage } from "./useStage";

const LOOKS = [
  ["guides", "Safe areas", "Safe areas", Ruler],
  ["plan", "Zones", "Lines of the zone plan", Blocks],
  ["areas", "Faces", "Faces and kept-clear areas", ScanFace],
  ["snap", "Snap", "Snapping (hold Ctrl to drag freely)", Magnet],
  ["phone", "Phone", "As its viewer sees it on a phone", Smartphone],
] as const;

interface Props {
  theme: Theme;
  scene: Scene;
  canvas: Canvas;
  open: (scene: string, canvas: string) => void;
}

/** Which scene on which canvas, and how it is looked at. */
export function Toolbar({ theme, scene, canvas, open }: Props) {
  const look = useStage();
  return (
    <div className="flex flex-wrap items-center gap-1.5 border-b border-rule px-2 py-1.5 xl:flex-nowrap">
      <select
        className="field min-w-0"
        aria-label="Scene"
        value={scene.id}
        onChange={(e) => open(e.target.value, canvas.id)}
      >
        {theme.scenes.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </select>
      <select
        className="field min-w-0"
        aria-label="Canvas"
        value={canvas.id}
        onChange={(e) => open(scene.id, e.target.value)}
      >
        {theme.canvases.map((c) => (
          <option key={c.id} value={c.id}>
            {c.name} {c.size.width} × {c.size.height}
          </option>
        ))}
      </select>
      <Proposal scene={scene} canvas={canvas} />
      <label className="ml-auto flex items-center gap-1.5 text-faint">
        Behind
        <select
          className="field min-w-16"
          value={look.footage}
          onChange={(e) => look.set({ footage: e.target.value as typeof look.footage })}
        >
          <option value="hatch">Ink</option>
          {FOOTAGE.map(([id, title]) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
      </label>
      <div className="flex" role="group" aria-label="What is drawn over it">
        {LOOKS.map(([id, word, title, Icon]) => (
          <button
            key={id}
            className={`btn -ml-px rounded-none px-1.5 ${look[id] ? "border-kelp bg-kelp-soft" : ""}`}
            aria-pressed={look[id]}
            aria-label={title}
            title={title}
            onClick={() => look.set({ [id]: !look[id] })}
          >
            <Icon size={15} />
            <span className="hidden xl:inline">{word}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
