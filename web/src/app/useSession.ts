import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";

export type Session = Schemas["Session"];

export const SESSION = ["session"];

/** Who is signed in; an error where nobody is. */
export function useSession() {
  return useQuery({ queryKey: SESSION, queryFn: () => answer(api.GET("/api/session")), staleTime: Infinity });
}

/** Takes the session as it is after somebody came in: nothing of who was here before is kept. */
export function useEnter(): (session: Session) => void {
  const queries = useQueryClient();
  return (session) => {
    queries.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION[0] });
    queries.setQueryData(SESSION, session);
  };
}

/** Asks anew who one is and what one may do. */
export function useAskSession(): () => void {
  const queries = useQueryClient();
  return () => void queries.invalidateQueries({ queryKey: SESSION });
}

/** Takes the session as it is after somebody changed their account. */
export function useTakeSession(): (session: Session) => void {
  const queries = useQueryClient();
  return (session) => void queries.setQueryData(SESSION, session);
}

/** Ends this session, and opens the door again. */
export function useSignOut(): () => void {
  const queries = useQueryClient();
  const signOut = useMutation({
    mutationFn: () => answer(api.DELETE("/api/session")),
    onSettled: () => {
      queries.clear();
      location.assign("/");
    },
  });
  return () => signOut.mutate();
}
