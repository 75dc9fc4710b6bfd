import { useMutation, useQueryClient } from "@tanstack/react-query";
import { answer, api, soon, type Schemas, type ThemeView } from "../api/client";
import { includes } from "../app/roles";
import { sayProblem, useNotices } from "../app/notices";
import { inTurn } from "./useTheme";

/** What speaks of what is on air, each of a theme. */
const SPEAK_OF_IT = ["theme", "ledger", "releases", "release-plan"];

type Ledger = Schemas["Ledger"];

/**
 * Any deed that puts something else on air: it takes its turn behind the edits that were made before, and everything
 * that speaks of what is on air is asked for anew.
 */
export function useAir<Answer, Wish = void>(
  id: string,
  deed: (wish: Wish) => Parameters<typeof answer<Answer>>[0],
  done: (made: Answer) => void = () => undefined,
) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (wish: Wish) => inTurn(() => answer(deed(wish))),
    onSuccess: done,
    onError: sayProblem,
    // Where no answer came it may have been done.
    onSettled: () => SPEAK_OF_IT.forEach((name) => void queries.invalidateQueries({ queryKey: [name, id] })),
  });
}

/**
 * The draft, or some of its scenes, put on air.
 *
 * @param before what has to be stored first and does not go through the line of edits
 */
export function useAirOfDraft(
  id: string,
  done?: (ledger: Ledger) => void,
  before: () => Promise<void> = () => Promise.resolve(),
) {
  return useAir(
    id,
    async (scenes: string[]) => {
      await before();
      return api.POST("/api/themes/{id}/on-air", { params: { path: { id } }, body: { scenes }, signal: soon() });
    },
    done,
  );
}

/** Putting a theme on air: whether one may, what stands in the way, and the deed itself. */
export function usePutOnAir(theme: ThemeView) {
  const say = useNotices((state) => state.say);
  const put = useAirOfDraft(theme.id, ({ onAir }) => say(`Release ${String(onAir)} is on air.`));
  const empty = theme.theme.scenes.length === 0;
  return {
    may: includes(theme.role, "OPERATOR"),
    /** Whether viewers would see something else than now. */
    news: theme.differs && !empty,
    hindrance: empty ? "There is no scene to put on air yet" : undefined,
    busy: put.isPending,
    put: () => put.mutate([]),
  };
}
