import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { useDeed } from "../app/useDeed";
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

/** A deed on a workspace's people. */
export function usePeopleDeed<T>(deed: (wish: T) => Promise<unknown>, said: (wish: T) => string) {
  return useDeed(deed, (_, wish) => said(wish), [["people"], SESSION]);
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
