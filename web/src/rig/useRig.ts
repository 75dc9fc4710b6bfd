import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";

export type Rig = Schemas["Rig"];
export type Program = Schemas["Program"];
export type RigScene = Schemas["RigScene"];
export type RigSource = Schemas["RigSource"];

/** A picture that is scaled and cropped instead of filling a box. */
export const NO_BOX: RigSource["box"] = { width: 0, height: 0, across: 0.5, down: 0.5 };

/**
 * The workspace's practice rig, kept on the server like a scene set in broadcasting software. What is changed stands at
 * once; changes are sent one after the other, and what was built upon a refused one is let go of with it.
 */
export function useRig(theme: string) {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const rig = useQuery({ queryKey: ["rig"], queryFn: () => answer(api.GET("/api/rig")), staleTime: 0 });
  const refusals = useRef(0);
  const now = () => queries.getQueryData<Schemas["Kept"]>(["rig"]);
  const take = (kept: Schemas["Kept"]) => queries.setQueryData(["rig"], kept);
  const onError = (error: unknown) => {
    refusals.current++;
    sayProblem(error);
    void rig.refetch();
  };
  const put = useMutation({
    mutationKey: ["rig"],
    scope: { id: "rig" },
    mutationFn: async ({ rig: next, after }: { rig: Rig; after: number }) =>
      after === refusals.current
        ? answer(api.PUT("/api/rig", { body: { version: now()?.version ?? 0, rig: next } }))
        : null,
    onSuccess: (kept) => {
      if (!kept) return;
      const last = queries.isMutating({ mutationKey: ["rig"] }) <= 1;
      take(last ? kept : { ...kept, rig: now()?.rig ?? kept.rig });
    },
    onError,
  });
  const fill = useMutation({
    scope: { id: "rig" },
    mutationFn: (boxes: boolean) => answer(api.POST("/api/rig/fill", { body: { theme, boxes } })),
    onSuccess: (kept) => {
      take(kept);
      say("The rig holds every source of the ledger, in order and at its size.");
    },
    onError,
  });
  const change = (next: Rig) => {
    // An answer that is still coming knows nothing of this change.
    void queries.cancelQueries({ queryKey: ["rig"] });
    const kept = now();
    if (kept) take({ ...kept, rig: next });
    put.mutate({ rig: next, after: refusals.current });
  };
  return { rig, put: change, fill };
}

export function withScene(
  rig: Rig,
  program: string,
  scene: string,
  change: (sources: RigSource[]) => RigSource[],
): Rig {
  return {
    ...rig,
    programs: rig.programs.map((p) =>
      p.id !== program
        ? p
        : { ...p, scenes: p.scenes.map((s) => (s.id !== scene ? s : { ...s, sources: change(s.sources) })) },
    ),
  };
}
