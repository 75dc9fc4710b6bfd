import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";

export type Rig = Schemas["Rig"];
export type Program = Schemas["Program"];
export type RigScene = Schemas["RigScene"];
export type RigSource = Schemas["RigSource"];

/** A picture that is scaled and cropped instead of filling a box. */
export const NO_BOX: RigSource["box"] = { width: 0, height: 0, across: 0.5, down: 0.5 };

/** The workspace's practice rig, kept on the server like a scene set in broadcasting software. */
export function useRig(theme: string) {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const rig = useQuery({ queryKey: ["rig"], queryFn: () => answer(api.GET("/api/rig")), staleTime: 0 });
  const take = (kept: Schemas["Kept"]) => queries.setQueryData(["rig"], kept);
  const onError = (error: unknown) => {
    sayProblem(error);
    void rig.refetch();
  };
  const put = useMutation({
    mutationFn: (next: Rig) => answer(api.PUT("/api/rig", { body: { version: rig.data?.version ?? 0, rig: next } })),
    onSuccess: take,
    onError,
  });
  const fill = useMutation({
    mutationFn: (boxes: boolean) => answer(api.POST("/api/rig/fill", { body: { theme, boxes } })),
    onSuccess: (kept) => {
      take(kept);
      say("The rig holds every source of the ledger, in order and at its size.");
    },
    onError,
  });
  return { rig, put: put.mutate, fill };
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
