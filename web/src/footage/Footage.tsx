import { CapturePattern } from "./CapturePattern";

/** What lies behind a piece while it is judged. */
export const FOOTAGE = [
  ["dusk", "Dusk"],
  ["bright", "Bright"],
  ["motion", "Busy"],
  ["checker", "Nothing"],
] as const;

export type FootageName = (typeof FOOTAGE)[number][0];

export function Footage({ name }: { name: FootageName }) {
  if (name === "checker") return <div className="weave size-full" />;
  return <CapturePattern pattern={name === "dusk" ? "play" : name} width={960} height={540} />;
}

/** Buttons to choose what lies behind. */
export function FootageChoice({ value, onChange }: { value: FootageName; onChange: (name: FootageName) => void }) {
  return (
    <div role="radiogroup" aria-label="Footage behind it" className="flex">
      {FOOTAGE.map(([name, title]) => (
        <button
          key={name}
          role="radio"
          aria-checked={value === name}
          className={`btn -ml-px rounded-none ${value === name ? "border-kelp bg-kelp-soft font-bold" : ""}`}
          onClick={() => onChange(name)}
        >
          {title}
        </button>
      ))}
    </div>
  );
}
