import type { Canvas, Layout, Scene, Theme } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { useThemeId } from "../theme/useTheme";
import { Backing } from "./Backing";
import { useStage } from "./useStage";

/** CSS pixels in a millimetre. */
const MILLIMETRE = 96 / 25.4;

/** The scene as large as its viewer sees it, with footage and without any lines. */
export function PhoneView({
  theme,
  scene,
  canvas,
  layout,
}: {
  theme: Theme;
  scene: Scene;
  canvas: Canvas;
  layout: Layout;
}) {
  const id = useThemeId();
  const footage = useStage((state) => state.footage);
  const short = theme.viewer.shortSide * MILLIMETRE;
  const scale = short / Math.min(canvas.size.width, canvas.size.height);
  return (
    <div className="grid min-h-0 flex-1 place-items-center overflow-auto bg-surround p-4" data-testid="phone">
      <figure>
        <div
          className="relative overflow-hidden rounded-md bg-black outline-8 outline-[#181818]"
          style={{ width: canvas.size.width * scale, height: canvas.size.height * scale, outlineStyle: "solid" }}
        >
          <Backing layout={layout} footage={footage === "hatch" ? "dusk" : footage} />
          <ScenePicture
            theme={id}
            scene={scene.id}
            canvas={canvas.id}
            width={canvas.size.width}
            height={canvas.size.height}
            moving
          />
        </div>
        <figcaption className="mt-5 text-center text-white">
          {Math.round(theme.viewer.shortSide)} mm across, as held {Math.round(theme.viewer.distance / 10)} cm from the
          eye
        </figcaption>
      </figure>
    </div>
  );
}
