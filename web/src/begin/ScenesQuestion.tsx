import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { useShownRoles } from "../theme/titles";
import { useQuestions, type Answers } from "./useBeginning";

type Role = Answers["roles"][number];

/** What cameras give: common practice. */
const CAMERAS = [
  { width: 640, height: 480 },
  { width: 1280, height: 720 },
  { width: 1920, height: 1080 },
];
const PLAYS: [Answers["play"], string][] = [
  ["GAME", "a game"],
  ["SCREEN", "a screen or window"],
  ["NONE", "nothing"],
];
const SIDES: [Answers["side"], string][] = [
  ["LEFT", "on the left"],
  ["RIGHT", "on the right"],
];

/** Scenes, canvases, what is captured, and where the camera stands. */
export function ScenesQuestion(props: {
  answers: Answers;
  change: (part: Partial<Answers>) => void;
  look: (role: Schemas["Scene"]["role"]) => void;
}) {
  const { answers, change, look } = props;
  const sceneRoles = useShownRoles();
  const formats = useQuestions().data?.formats ?? [];
  const { camera } = answers;
  const turnRole = (role: Role) => {
    const roles = sceneRoles.map(({ id }) => id);
    change({ roles: turned(roles, answers.roles, role) });
    if (!answers.roles.includes(role)) look(role);
  };
  /** What is captured is seen where the camera is. */
  const live = (part: Partial<Answers>) => {
    change(part);
    look("LIVE");
  };
  return (
    <div className="flex flex-col gap-4">
      <Group title="Scenes">
        {sceneRoles.map(({ id, title }) => (
          <Choice
            key={id}
            type="checkbox"
            checked={answers.roles.includes(id)}
            disabled={only(answers.roles, id)}
            onChange={() => turnRole(id)}
          >
            {title}
          </Choice>
        ))}
      </Group>
      <Group title="Canvases">
        {formats.map(({ id, title, width, height }) => (
          <Choice
            key={id}
            type="checkbox"
            checked={answers.canvases.includes(id)}
            disabled={only(answers.canvases, id)}
            onChange={() =>
              change({
                canvases: turned(
                  formats.map((format) => format.id),
                  answers.canvases,
                  id,
                ),
              })
            }
          >
            {title} <span className="text-faint">{`${String(width)} × ${String(height)}`}</span>
          </Choice>
        ))}
      </Group>
      <Group title="Your camera gives">
        {CAMERAS.map((size) => (
          <Choice
            key={size.width}
            name="camera"
            checked={camera?.width === size.width && camera.height === size.height}
            onChange={() => live({ camera: size })}
          >
            {`${String(size.width)} × ${String(size.height)}`}
          </Choice>
        ))}
        <Choice name="camera" checked={camera === null} onChange={() => live({ camera: null })}>
          no camera
        </Choice>
      </Group>
      <Group title="Beside it you show">
        {PLAYS.map(([play, title]) => (
          <Choice key={play} name="play" checked={answers.play === play} onChange={() => live({ play })}>
            {title}
          </Choice>
        ))}
      </Group>
      {camera && answers.canvases.includes("WIDE") && (
        <Group title="On the wide canvas the camera stands">
          {SIDES.map(([side, title]) => (
            <Choice key={side} name="side" checked={answers.side === side} onChange={() => live({ side })}>
              {title}
            </Choice>
          ))}
        </Group>
      )}
    </div>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset>
      <legend className="mb-1">{title}</legend>
      <div className="flex flex-wrap gap-x-4 gap-y-1.5">{children}</div>
    </fieldset>
  );
}

function Choice(props: {
  type?: "radio" | "checkbox";
  name?: string;
  checked: boolean;
  disabled?: boolean;
  onChange: () => void;
  children: ReactNode;
}) {
  const { type = "radio", children, ...input } = props;
  return (
    <label className="flex items-center gap-1.5">
      <input type={type} className="accent-kelp" {...input} />
      {children}
    </label>
  );
}

/** In the order of all of them, with one of them turned on or off. */
function turned<T>(all: T[], chosen: T[], one: T): T[] {
  return all.filter((id) => (id === one ? !chosen.includes(id) : chosen.includes(id)));
}

/** Whether it is the last one left, which stays. */
function only<T>(chosen: T[], one: T): boolean {
  return chosen.length === 1 && chosen[0] === one;
}
