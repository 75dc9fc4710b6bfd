import { NumberField } from "../app/NumberField";
import { useLatest } from "../content/useLatest";
import { May } from "../theme/May";
import { useEdit, useTheme } from "../theme/useTheme";

/** How alerts follow each other, as a sentence with numbers in it. */
export function PaceFields() {
  const edit = useEdit();
  const [pace, put] = useLatest(useTheme().theme.pace, (next) => edit({ edit: "setPace", pace: next }));
  const set = (change: Partial<typeof pace>) => put((before) => ({ ...before, ...change }));
  return (
    <section aria-labelledby="pace" className="mt-5 border-t border-rule pt-2">
      <h2 id="pace" className="mb-1">
        Pace
      </h2>
      <May>
        <p className="leading-9 [&_input]:leading-normal">
          One at a time, with{" "}
          <NumberField label="Seconds between alerts" width={3} value={pace.pause} set={(pause) => set({ pause })} /> s
          between. More than{" "}
          <NumberField
            label="Alerts of a rule that are a flood"
            width={3}
            value={pace.flood}
            set={(flood) => set({ flood: Math.round(flood) })}
          />{" "}
          of one rule within{" "}
          <NumberField
            label="Seconds of a flood"
            width={3}
            value={pace.window}
            set={(window) => set({ window: Math.round(window) })}
          />{" "}
          s become one. Who has waited{" "}
          <NumberField
            label="Longest wait in seconds"
            width={3}
            value={pace.longest}
            set={(longest) => set({ longest: Math.round(longest) })}
          />{" "}
          s is passed by nobody.
        </p>
      </May>
    </section>
  );
}
