import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { SESSION } from "../app/useSession";

export type People = Schemas["PeopleView"];
export type Role = Schemas["RoleChoice"];

export function usePeople(workspace: string) {
  return useQuery({
    queryKey: ["people", workspace],
    queryFn: () => answer(api.GET("/api/workspaces/{workspace}", { params: { path: { workspace } } })),
    staleTime: 0,
  });
}

/** What each role may do. */
export function useMemberRoles() {
  return useQuery({ queryKey: ["member-roles"], queryFn: () => answer(api.GET("/api/roles")), staleTime: Infinity });
}

/** A deed on a workspace's people: says so when it is done, and why when it is not. */
export function useDeed<T>(deed: (wish: T) => Promise<unknown>, said: (wish: T) => string) {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  return useMutation({
    mutationFn: deed,
    onSuccess: (_, wish) => {
      say(said(wish));
      void queries.invalidateQueries({ queryKey: ["people"] });
      void queries.invalidateQueries({ queryKey: SESSION });
    },
    onError: sayProblem,
  });
}

/** A day as the browser's field has it; empty for none. */
export function dayOf(instant: string | null): string {
  if (!instant) return "";
  const date = new Date(instant);
  const two = (n: number) => String(n).padStart(2, "0");
  return `${String(date.getFullYear())}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** The end of a day, here; null for none. */
export function endOf(day: string): string | null {
  return day === "" ? null : new Date(`${day}T23:59:59`).toISOString();
}
