import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useSettled } from "../app/useSettled";
import { useTheme } from "../theme/useTheme";
import type { Choices } from "./Sorted";

const SHOWN = 4;

/** What would be found on the proposed scenes, so that nobody takes a pack without knowing it. */
export function ToLookAt({ pack, choices }: { pack: string; choices: Choices }) {
  const { id, version } = useTheme();
  const [open, setOpen] = useState(false);
  const settled = useSettled(choices, 600);
  const findings = useQuery({
    queryKey: ["pack-findings", id, version, pack, settled],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{theme}/packs/{pack}/findings", {
          params: { path: { theme: id, pack } },
          body: { choices: settled },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 0,
  });
  if (!findings.data)
    return findings.isPending ? <p className="text-faint">Checking the scenes …</p> : <Trouble query={findings} />;
  const all = findings.data;
  if (all.length === 0) return <p className="mt-1">All of it fits and can be read.</p>;
  return (
    <section aria-label="To be looked at" className={`mt-1 ${findings.isPlaceholderData ? "opacity-60" : ""}`}>
      <h3>To be put right on the Sheet afterwards</h3>
      <ul className="text-ochre">
        {(open ? all : all.slice(0, SHOWN)).map((one) => (
          <li key={`${one.scene} ${one.canvas} ${one.sentence}`}>
            {[one.scene, one.canvas].filter((name) => name !== "").join(", ")}
            {one.scene === "" && one.canvas === "" ? "" : ": "}
            {one.sentence}
          </li>
        ))}
      </ul>
      {all.length > SHOWN && (
        <button className="underline" onClick={() => setOpen(!open)}>
          {open ? "Fewer" : `${String(all.length - SHOWN)} more`}
        </button>
      )}
    </section>
  );
}
