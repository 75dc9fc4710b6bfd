import { useState } from "react";
import { useTheme } from "../theme/useTheme";
import { usePlatforms } from "../app/usePlatforms";
import { useMay } from "../theme/May";
import { CanvasesPart } from "./CanvasesPart";
import { DoneList } from "./DoneList";
import { LinkFile } from "./LinkFile";
import { PlanPart } from "./PlanPart";
import { Replacement } from "./Replacement";
import { TrialPart } from "./TrialPart";

/** Old on the left, new on the right, line by line; then the links to replace. */
export function MovePage() {
  const theme = useTheme();
  const others = usePlatforms().data?.filter((platform) => platform.title !== theme.platform) ?? [];
  const [to, setTo] = useState("");
  const target = to || others[0]?.id;
  const mayReplace = useMay("OPERATOR");
  return (
    <div className="max-w-5xl p-4">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1>Move</h1>
        <label className="flex items-center gap-2">
          from {theme.platform} to
          <select className="field" value={target ?? ""} onChange={(e) => setTo(e.target.value)}>
            {others.map((platform) => (
              <option key={platform.id} value={platform.id}>
                {platform.title}
              </option>
            ))}
          </select>
        </label>
        <span className="text-faint">The theme is copied; this one and its links stay as they are.</span>
      </div>
      {theme.movedFrom && mayReplace && (
        <>
          <TrialPart />
          <Replacement />
          <LinkFile />
          <DoneList />
        </>
      )}
      {target && <PlanPart key={target} to={target} />}
      <CanvasesPart />
      {!theme.movedFrom && mayReplace && (
        <div className="mt-6">
          <DoneList />
        </div>
      )}
    </div>
  );
}
