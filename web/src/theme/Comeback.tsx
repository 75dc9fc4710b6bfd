import { useState } from "react";
import { X } from "lucide-react";
import { Navigate } from "react-router";
import type { Schemas } from "../api/client";
import { moment } from "../app/dates";
import { stillThere } from "./screens";
import { useTheme, useThemeId } from "./useTheme";
import { useLastVisit } from "./useVisit";

/** The theme's own address leads to where one was last, if that is still there; else to the Sheet. */
export function Comeback() {
  const theme = useTheme();
  const last = useLastVisit();
  if (last.isPending) return <p className="p-6 text-faint">Opening the theme …</p>;
  const place = last.data?.place ?? "";
  return <Navigate to={stillThere(theme.theme, place) ? place : "sheet"} replace />;
}

/** What others did since one was here last. */
export function SinceLastTime() {
  const id = useThemeId();
  const last = useLastVisit();
  const [closed, setClosed] = useState("");
  const others = last.data?.others ?? [];
  if (others.length === 0 || !last.data?.at || closed === id) return null;
  return (
    <aside
      aria-label="Since you were here"
      className="flex items-start gap-3 border-b border-rule bg-kelp-soft px-4 py-1.5"
    >
      <div className="min-w-0 flex-1">
        <span>Since you were here, {moment(last.data.at)}: </span>
        {others.map((one) => (
          <span key={one.who + one.at} className="mr-2">
            {sentence(one)}
          </span>
        ))}
      </div>
      <button className="btn min-h-6 px-1.5" aria-label="Close this note" onClick={() => setClosed(id)}>
        <X size={13} />
      </button>
    </aside>
  );
}

/** In the words of the history. */
function sentence({ who, changes, last, releases }: Schemas["Meanwhile"]): string {
  const air = releases.length === 0 ? "" : `put release ${releases.join(", ")} on air`;
  const edits =
    changes === 0
      ? ""
      : changes === 1
        ? `made one change (${last})`
        : `made ${String(changes)} changes (the last: ${last})`;
  return `${who} ${[edits, air].filter((part) => part !== "").join(" and ")}.`;
}
