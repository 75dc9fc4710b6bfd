import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Session = Schemas["Session"];

const KEY = ["session"];

/** Who is signed in; an error where nobody is. */
export function useSession() {
  return useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/session")), staleTime: Infinity });
}

/** Takes the session as it is after somebody came in or changed their account. */
export function useTakeSession(): (session: Session) => void {
  const queries = useQueryClient();
  return (session) => void queries.setQueryData(KEY, session);
}
