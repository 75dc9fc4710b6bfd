import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { useCatalogue, useTheme } from "../theme/useTheme";

/** All live values that texts of pieces may show: what signals come to, and what tables hold. */
export function useValues(): Schemas["ReadingView"][] {
  const { show } = useTheme();
  const readings = useCatalogue().data?.readings ?? [];
  const more = useQuery({
    queryKey: ["tables", show, "values"],
    queryFn: () => answer(api.GET("/api/shows/{show}/readings/values", { params: { path: { show } } })),
  });
  return [...readings, ...(more.data ?? []).map(({ group, ...value }) => ({ ...value, period: group }))];
}
