import { useMutation, useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { useTheme } from "../theme/useTheme";
import { Trouble } from "../app/Trouble";

/** The links that the rig still holds of the theme that this one was moved from. */
export function Replacement() {
  const { id, movedFrom } = useTheme();
  const say = useNotices((state) => state.say);
  const list = useQuery({
    queryKey: ["replacement", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/replacement", { params: { path: { id } } })),
    staleTime: 0,
  });
  const replace = useMutation({
    mutationFn: () => answer(api.POST("/api/themes/{id}/replacement", { params: { path: { id } } })),
    onSuccess: () => {
      say("The rig now uses the new links.");
      void list.refetch();
    },
    onError: sayProblem,
  });
  if (list.isPending) return null;
  if (!list.data) return <Trouble query={list} />;
  return (
    <section className="mb-6 border-l-4 border-kelp bg-sheet px-3 py-2" aria-labelledby="links">
      <h2 id="links">Links to replace in the practice rig</h2>
      <p className="mb-2 text-faint">
        This theme is a copy of{" "}
        <Link className="underline" to={`/themes/${movedFrom}`}>
          the one it was moved from
        </Link>
        , whose links still work.
      </p>
      {list.data.swaps.length === 0 ? (
        <p>Nothing is left to replace: no place in the rig holds an old link.</p>
      ) : (
        <>
          <div className="mb-2 max-h-56 overflow-auto" role="region" aria-label="Links to replace" tabIndex={0}>
            <table className="w-full border-collapse [&_td]:py-1" data-testid="swaps">
              <thead>
                <tr className="border-b border-ink text-left font-head">
                  <th className="py-1">Scene</th>
                  <th>Source</th>
                  <th>Old link</th>
                  <th>New link</th>
                </tr>
              </thead>
              <tbody>
                {list.data.swaps.map((swap) => (
                  <tr key={swap.scene + swap.source} className="border-b border-rule">
                    <td className="pr-2">{swap.scene}</td>
                    <td className="pr-2">{swap.source}</td>
                    <td className="pr-2 text-faint">…{swap.oldLink.slice(-14)}</td>
                    <td>…{swap.newLink.slice(-14)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <button className="btn btn-main" disabled={replace.isPending} onClick={() => replace.mutate()}>
            Replace all {list.data.swaps.length}
          </button>
        </>
      )}
    </section>
  );
}
