import { queryOptions } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** How one theme is asked for. */
export function themeQuery(id: string) {
  return queryOptions({ queryKey: ["theme", id], queryFn: () => answer(api.GET("/api/themes/{id}", { params: { path: { id } } })) });
}
