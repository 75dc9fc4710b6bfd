import type { Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { keeping, typing, type Choices } from "./choices";
import { On } from "./PlanPart";

type Plan = Schemas["MovePlanView"];
type Line = Schemas["TextLine"];

/** Each text that changes, as it is and as it becomes; it can be typed otherwise or left. */
export function TextTable({
  plan,
  choices,
  change,
}: {
  plan: Plan;
  choices: Choices;
  change: (next: Choices) => void;
}) {
  return (
    <>
      <h2 className="mb-1">Wording</h2>
      {plan.texts.length === 0 ? (
        <p className="mb-5 text-faint">No text uses a word that changes.</p>
      ) : (
        <table className="mb-5 w-full table-fixed border-collapse [&_td]:py-1">
          <thead>
            <tr className="border-b border-ink text-left font-head">
              <th className="w-52 py-1">Where</th>
              <th>Now</th>
              <th>On {plan.to}</th>
            </tr>
          </thead>
          <tbody>
            {plan.texts.map((line) => (
              <TextRow
                key={line.id}
                line={line}
                kept={choices.kept.includes(line.id)}
                keep={(kept) => change(keeping(choices, line.id, kept))}
                type={(text) => change(typing(keeping(choices, line.id, false), line.id, text, line.proposed))}
              />
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

function TextRow({
  line,
  kept,
  keep,
  type,
}: {
  line: Line;
  kept: boolean;
  keep: (kept: boolean) => void;
  type: (text: string) => void;
}) {
  const draft = useDraftText(line.after, (text) => {
    type(text);
    return true;
  });
  return (
    <tr className="border-b border-rule align-top">
      <td className="pr-3">
        {line.place}
        <On scenes={line.scenes} />
      </td>
      <td className="pr-3 break-words text-faint">{line.before}</td>
      <td>
        <div className="flex items-center gap-2">
          <input
            className={`field min-w-0 flex-1 ${line.after === line.before ? "" : "font-bold"}`}
            aria-label={`${line.place} on the new platform`}
            disabled={kept}
            {...draft}
          />
          {line.proposed !== line.before && (
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={!kept}
                aria-label={`Change ${line.place}`}
                onChange={(e) => keep(!e.target.checked)}
              />
              change
            </label>
          )}
        </div>
        {line.refused && <div className="text-rust">It stays as it is: {line.refused}</div>}
        {line.note && <div className="text-faint">{line.note}</div>}
      </td>
    </tr>
  );
}
