import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { useEdit, useTheme } from "../theme/useTheme";

/** How round corners are, how opaque plates are, and whether things move. */
export function Shares({ plates }: { plates: Schemas["PlateView"][] }) {
  const { brand } = useTheme().theme;
  const edit = useEdit();
  return (
    <>
      <Share
        title="Corner radius"
        least="square"
        most="round"
        value={brand.corner}
        set={(corner) => void edit({ edit: "setCorner", corner }, "corner")}
      />
      <Share
        title="Plate opacity"
        least="clear"
        most="solid"
        value={brand.plate}
        set={(plate) => void edit({ edit: "setPlate", plate }, "plate")}
      />
      <Calm stored={brand.calm} set={(calm) => void edit({ edit: "setCalm", calm })} />
      {plates.map((plate) => (
        <PlateLine
          key={plate.text}
          plate={plate}
          now={brand.plate}
          set={(percent) => void edit({ edit: "setPlate", plate: percent / 100 })}
        />
      ))}
    </>
  );
}

/** Shown at once; what is stored is the truth again when it changes. */
function Calm({ stored, set }: { stored: boolean; set: (calm: boolean) => void }) {
  const [chosen, setChosen] = useState(stored);
  useEffect(() => setChosen(stored), [stored]);
  return (
    <fieldset className="mb-2">
      <legend>
        <h2>Motion</h2>
      </legend>
      {(
        [
          ["lively", false],
          ["calm: things only fade", true],
        ] as const
      ).map(([title, calm]) => (
        <label key={title} className="mr-4 inline-flex items-center gap-1.5">
          <input
            type="radio"
            name="calm"
            className="accent-kelp"
            checked={chosen === calm}
            onChange={() => {
              setChosen(calm);
              set(calm);
            }}
          />
          {title}
        </label>
      ))}
    </fieldset>
  );
}

function Share({
  title,
  least,
  most,
  value,
  set,
}: {
  title: string;
  least: string;
  most: string;
  value: number;
  set: (value: number) => void;
}) {
  const [shown, setShown] = useState(value);
  useEffect(() => setShown(value), [value]);
  return (
    <label className="mb-2 block">
      <h2>{title}</h2>
      <input
        type="range"
        min={0}
        max={1}
        step={0.01}
        value={shown}
        className="w-full accent-kelp"
        aria-valuetext={`${String(Math.round(shown * 100))} %`}
        onChange={(e) => {
          setShown(Number(e.target.value));
          set(Number(e.target.value));
        }}
      />
      <span className="flex justify-between text-faint">
        <span>{least}</span>
        <span>{Math.round(shown * 100)} %</span>
        <span>{most}</span>
      </span>
    </label>
  );
}

const TEXTS: Partial<Record<Schemas["PlateView"]["text"], string>> = { TEXT: "Text", QUIET_TEXT: "Quiet text" };

/** The least darkness at which a text still reads over black and over white footage, or what would help. */
function PlateLine({ plate, now, set }: { plate: Schemas["PlateView"]; now: number; set: (percent: number) => void }) {
  const name = TEXTS[plate.text] ?? "";
  const { darkness } = plate;
  const low = plate.worst < plate.least;
  if (!darkness.reachable) {
    return (
      <p className="mb-2 text-ochre">
        {name}: no darkness reaches {plate.least}:1.{" "}
        {darkness.remedies.map((remedy) => (
          <span key={remedy.kind} className="block">
            {remedy.kind === "OTHER_TEXT" ? "Text in" : remedy.kind === "OUTLINE" ? "An outline in" : "A shadow in"}{" "}
            <code>{remedy.colour}</code>: {remedy.ratio.toFixed(1)}:1
          </span>
        ))}
      </p>
    );
  }
  return (
    <p className={`mb-1 ${low ? "text-ochre" : "text-faint"}`}>
      {name} reads over any footage from {darkness.percent} %{low ? `; now ${plate.worst.toFixed(1)}:1` : "."}{" "}
      {Math.round(now * 100) !== darkness.percent && (
        <button className="underline" onClick={() => set(darkness.percent)}>
          Use {darkness.percent} %
        </button>
      )}
    </p>
  );
}
