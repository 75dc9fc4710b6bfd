import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** The channels of the workspace that this tab is in. */
export function useChannels() {
  return useQuery({ queryKey: ["channels"], queryFn: () => answer(api.GET("/api/channels")) });
}
