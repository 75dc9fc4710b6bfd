import type { Schemas } from "../api/client";
import { useChoices } from "../theme/titles";
import { useQuestions, type Answers } from "./useBeginning";

type Role = Answers["roles"][number];

const CAMERAS: [number, number][] = [
  [640, 480],
  [1280, 720],
  [1920, 1080],
];
const PLAYS: [Answers["play"], string][] = [
  ["GAME", "a game"],
  ["SCREEN", "a screen or window"],
  ["NONE", "nothing"],
];

/** Scenes, canvases, what is captured, and where the camera stands. */
export function ScenesQuestion(props: {
  answers: Answers;
  change: (part: Partial<Answers>) => void;
  look: (role: Schemas["Scene"]["role"]) => void;
}) {
  const { answers, change, look } = props;
  const { sceneRoles } = useChoices();
  const questions = useQuestions();
  const turnRole = (role: Role) => {
    const on = answers.roles.includes(role);
    change({ roles: sceneRoles.map(({ id }) => id).filter((id) => (id === role ? !on : answers.roles.includes(id))) });
    if (!on) look(role);
  };
  const formats = questions.data?.formats ?? [];
  const turnFormat = (format: Answers["canvases"][number]) =>
    change({
      canvases: formats
        .map(({ id }) => id)
        .filter((id) => (id === format ? !answers.canvases.includes(id) : answers.canvases.includes(id))),
    });
  const { camera } = answers;
  return (
    <div className="flex flex-col gap-4">
      <fieldset>
        <legend className="mb-1">Scenes</legend>
        <div className="flex flex-wrap gap-x-4 gap-y-1.5">
          {sceneRoles.map(({ id, title }) => (
            <label key={id} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="accent-kelp"
                checked={answers.roles.includes(id)}
                disabled={answers.roles.length === 1 && answers.roles.includes(id)}
                onChange={() => turnRole(id)}
              />
              {title}
            </label>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-1">Canvases</legend>
        <div className="flex flex-wrap gap-x-4 gap-y-1.5">
          {formats.map((format) => (
            <label key={format.id} className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="accent-kelp"
                checked={answers.canvases.includes(format.id)}
                disabled={answers.canvases.length === 1 && answers.canvases.includes(format.id)}
                onChange={() => turnFormat(format.id)}
              />
              {format.title} <span className="text-faint">{`${String(format.width)} × ${String(format.height)}`}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-1">Your camera gives</legend>
        <div className="flex flex-wrap gap-x-4 gap-y-1.5">
          {CAMERAS.map(([width, height]) => (
            <label key={width} className="flex items-center gap-1.5">
              <input
                type="radio"
                name="camera"
                className="accent-kelp"
                checked={camera?.width === width && camera.height === height}
                onChange={() => {
                  change({ camera: { width, height } });
                  look("LIVE");
                }}
              />
              {`${String(width)} × ${String(height)}`}
            </label>
          ))}
          <label className="flex items-center gap-1.5">
            <input
              type="radio"
              name="camera"
              className="accent-kelp"
              checked={camera === null}
              onChange={() => change({ camera: null })}
            />
            no camera
          </label>
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-1">Beside it you show</legend>
        <div className="flex flex-wrap gap-x-4 gap-y-1.5">
          {PLAYS.map(([play, title]) => (
            <label key={play} className="flex items-center gap-1.5">
              <input
                type="radio"
                name="play"
                className="accent-kelp"
                checked={answers.play === play}
                onChange={() => {
                  change({ play });
                  look("LIVE");
                }}
              />
              {title}
            </label>
          ))}
        </div>
      </fieldset>
      {camera && answers.canvases.includes("WIDE") && (
        <fieldset>
          <legend className="mb-1">On the wide canvas the camera stands</legend>
          <div className="flex flex-wrap gap-x-4 gap-y-1.5">
            {(["LEFT", "RIGHT"] as const).map((side) => (
              <label key={side} className="flex items-center gap-1.5">
                <input
                  type="radio"
                  name="side"
                  className="accent-kelp"
                  checked={answers.side === side}
                  onChange={() => {
                    change({ side });
                    look("LIVE");
                  }}
                />
                {side === "LEFT" ? "on the left" : "on the right"}
              </label>
            ))}
          </div>
        </fieldset>
      )}
    </div>
  );
}
