import { useMutation, useQueryClient, type QueryKey } from "@tanstack/react-query";
import { sayProblem, useNotices } from "./notices";

/**
 * Something done on the server: says so when it is done, and why when it is not.
 *
 * @param said    in words; empty for nothing
 * @param touched what is asked for anew afterwards, since it may be otherwise now
 */
export function useDeed<Wish, Done>(
  does: (wish: Wish) => Promise<Done>,
  said: (done: Done, wish: Wish) => string,
  touched: readonly QueryKey[],
) {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  return useMutation({
    mutationFn: does,
    onSuccess: (done, wish) => {
      const words = said(done, wish);
      if (words !== "") say(words);
    },
    onError: sayProblem,
    onSettled: () => touched.forEach((queryKey) => void queries.invalidateQueries({ queryKey })),
  });
}
