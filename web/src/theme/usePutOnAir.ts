import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, type ThemeView } from "../api/client";
import { includes } from "../app/roles";
import { sayProblem, useNotices } from "../app/notices";
import { inTurn } from "./useTheme";

/** Putting a theme on air: whether one may, what stands in the way, and the deed itself. */
export function usePutOnAir(theme: ThemeView) {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const put = useMutation({
    mutationFn: () => inTurn(() => answer(api.POST("/api/themes/{id}/on-air", { params: { path: { id: theme.id } } }))),
    onSuccess: (ledger) => {
      void queries.invalidateQueries({ queryKey: ["theme", theme.id] });
      void queries.invalidateQueries({ queryKey: ["ledger", theme.id] });
      say(`Release ${String(ledger.onAir)} is on air.`);
    },
    onError: sayProblem,
  });
  const empty = theme.theme.scenes.length === 0;
  return {
    may: includes(theme.role, "OPERATOR"),
    /** Whether viewers would see something else than now. */
    news: theme.differs && !empty,
    hindrance: empty ? "There is no scene to put on air yet" : undefined,
    busy: put.isPending,
    put: () => put.mutate(),
  };
}
