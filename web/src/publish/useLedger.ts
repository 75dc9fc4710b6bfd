import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Ledger = Schemas["Ledger"];
export type Row = Schemas["Row"];
export type SourceFinding = Schemas["SourceFinding"];

const LOOKS = 2000;

/** Every source of a theme, as it is now. @param looks how soon a change is seen, milliseconds */
export function useLedger(theme: string, looks = LOOKS) {
  return useQuery({
    queryKey: ["ledger", theme],
    queryFn: () => answer(api.GET("/api/themes/{id}/ledger", { params: { path: { id: theme } } })),
    refetchInterval: looks,
  });
}

/** Looks anew after something was done. */
export function useLookAgain(theme: string): () => void {
  const queries = useQueryClient();
  return () => void queries.invalidateQueries({ queryKey: ["ledger", theme] });
}
