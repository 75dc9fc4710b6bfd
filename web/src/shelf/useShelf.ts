import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { useWorkspace } from "../app/useWorkspace";

/** The themes of the workspace that this tab is in. @param wanted whether they are asked for yet */
export function useShelf(wanted = true) {
  const { here } = useWorkspace();
  const id = useWorkspaceId((state) => state.id);
  return useQuery({
    queryKey: ["shelf", id],
    queryFn: () => answer(api.GET("/api/themes")),
    staleTime: 0,
    // What is asked for before it is known where this tab is would be of another workspace.
    enabled: wanted && here !== null && here.id === id,
  });
}
