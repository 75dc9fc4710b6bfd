import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { moment } from "../app/dates";
import { sayProblem, useNotices } from "../app/notices";
import { useAirOfDraft } from "../theme/usePutOnAir";
import { useTheme } from "../theme/useTheme";

const LOOKS = 2000;
const AT = "YYYY-MM-DDTHH:MM".length;

/**
 * Puts the draft on air now, at a set time, or when the scene changes next.
 *
 * @param scenes  those alone; empty for all of it
 * @param nothing whether none is chosen
 */
export function Later({ scenes, nothing }: { scenes: string[]; nothing: boolean }) {
  const { id, theme, onAir } = useTheme();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [when, setWhen] = useState("");
  const plan = useQuery({
    queryKey: ["release-plan", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/releases/plan", { params: { path: { id } } })),
    refetchInterval: LOOKS,
  });
  const now = useAirOfDraft(id, ({ onAir }) => say(`Release ${String(onAir)} is on air.`));
  const later = useMutation({
    mutationFn: (at: number) =>
      answer(api.PUT("/api/themes/{id}/releases/plan", { params: { path: { id } }, body: { at, scenes } })),
    onSuccess: (next) => queries.setQueryData(["release-plan", id], next),
    onError: sayProblem,
  });
  const drop = useMutation({
    mutationFn: () => answer(api.DELETE("/api/themes/{id}/releases/plan", { params: { path: { id } } })),
    onSuccess: (next) => queries.setQueryData(["release-plan", id], next),
    onError: sayProblem,
  });
  const what =
    scenes.length === 0 ? "" : ` ${scenes.length === 1 ? nameOf(scenes[0]) : `${String(scenes.length)} scenes`}`;
  function nameOf(scene: string | undefined): string {
    return theme.scenes.find((one) => one.id === scene)?.name ?? "a scene";
  }
  return (
    <div className="mb-2 flex flex-wrap items-center gap-2">
      <button className="btn btn-live" disabled={nothing || now.isPending} onClick={() => now.mutate(scenes)}>
        Put{what} on air now
      </button>
      {onAir > 0 && (
        <>
          <button className="btn" disabled={nothing || later.isPending} onClick={() => later.mutate(0)}>
            At the next change of scene
          </button>
          <form
            className="flex items-center gap-1"
            onSubmit={(event) => {
              event.preventDefault();
              later.mutate(new Date(when).getTime());
            }}
          >
            <input
              type="datetime-local"
              className="field"
              aria-label="Put on air at"
              min={local(Date.now())}
              value={when}
              onChange={(event) => setWhen(event.target.value)}
              required
            />
            <button className="btn" disabled={nothing || when === "" || later.isPending}>
              At this time
            </button>
          </form>
        </>
      )}
      {plan.data?.planned && (
        <p className="flex w-full items-center gap-2 border-l-4 border-ochre bg-ochre-soft px-2 py-1" role="status">
          The draft, as it is then, goes on air{" "}
          {plan.data.at === 0 ? "at the next change of scene" : `at ${moment(new Date(plan.data.at).toISOString())}`}
          {plan.data.scenes.length > 0 && `: ${plan.data.scenes.map(nameOf).join(", ")}`}.
          <button className="btn" onClick={() => drop.mutate()}>
            Leave it
          </button>
        </p>
      )}
    </div>
  );
}

/** As a field for a local time takes it. */
function local(instant: number): string {
  const date = new Date(instant);
  return new Date(instant - date.getTimezoneOffset() * 60_000).toISOString().slice(0, AT);
}
