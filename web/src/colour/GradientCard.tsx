import type { Schemas } from "../api/client";
import { useEdit, useTheme } from "../theme/useTheme";
import { useChoices } from "../theme/titles";
import type { RoleName } from "./useColours";

/** Below this share of its ends' colourfulness a middle looks grey (common practice, no source). */
const GREY = 0.6;
const WAYS: [Schemas["Gradient"]["way"], string][] = [
  ["OKLAB", "Straight"],
  ["OKLCH", "By hue"],
];

/** What frames run through: two or three roles, straight or round the hue circle. */
export function GradientCard({ view }: { view: Schemas["GradientView"] }) {
  const { gradient } = useTheme().theme.brand;
  const edit = useEdit();
  const { roles } = useChoices();
  const set = (changed: Partial<Schemas["Gradient"]>) =>
    void edit({ edit: "setGradient", gradient: { ...gradient, ...changed } });
  const css = `linear-gradient(90deg, ${view.points.map((point) => `${point.colour} ${String(point.offset * 100)}%`).join(", ")})`;
  const grey = view.greyest < GREY;
  return (
    <div className="mb-4">
      <h2 className="mb-1">Gradient of frames</h2>
      <div className="mb-1.5 h-6 border border-rule" style={{ background: css }} aria-hidden />
      {gradient.stops.map((stop, i) => (
        <select
          key={i}
          className="field mb-1 w-full"
          aria-label={`Colour ${String(i + 1)} of the gradient`}
          value={stop}
          onChange={(e) =>
            set({ stops: gradient.stops.map((old, n) => (n === i ? (e.target.value as RoleName) : old)) })
          }
        >
          {roles.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </select>
      ))}
      <div className="flex gap-1.5">
        {gradient.stops.length < 3 ? (
          <button className="btn" onClick={() => set({ stops: [...gradient.stops, "SECOND_ACCENT"] })}>
            Third
          </button>
        ) : (
          <button className="btn" onClick={() => set({ stops: gradient.stops.slice(0, 2) })}>
            Two
          </button>
        )}
        {WAYS.map(([way, name]) => (
          <button
            key={way}
            className={`btn px-2 ${gradient.way === way ? "border-kelp bg-kelp-soft" : ""}`}
            aria-pressed={gradient.way === way}
            onClick={() => set({ way })}
          >
            {name}
          </button>
        ))}
      </div>
      {grey && (
        <p className="mt-1 text-ochre">
          The middle keeps {Math.round(view.greyest * 100)} % of its colour.{" "}
          {gradient.way === "OKLAB" && (
            <button className="underline" onClick={() => set({ way: "OKLCH" })}>
              Go by hue
            </button>
          )}
        </p>
      )}
    </div>
  );
}
