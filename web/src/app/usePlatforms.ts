import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Platform = Schemas["PlatformView"];

/** The platforms that channels of this tab's workspace can be on. */
export function usePlatforms() {
  return useQuery({ queryKey: ["platforms"], queryFn: () => answer(api.GET("/api/platforms")) });
}
