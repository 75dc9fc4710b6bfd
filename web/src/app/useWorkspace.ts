import { useEffect } from "react";
import type { Schemas } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { ORDER } from "./roles";
import { useSession } from "./useSession";

export type Belonging = Schemas["Belonging"];

/** The workspace that this tab is in, and all that one belongs to; none where one belongs to none. */
export function useWorkspace(): { here: Belonging | null; all: Belonging[]; go: (id: string) => void } {
  const session = useSession();
  const { id, go } = useWorkspaceId();
  const all = session.data?.workspaces ?? [];
  const here = all.find((one) => one.id === id) ?? first(all);
  const lost = session.data !== undefined && (here?.id ?? "") !== id;
  useEffect(() => {
    if (lost) go(here?.id ?? "");
  }, [lost, here?.id, go]);
  return { here, all, go };
}

/** One's own before the demo, and where one may do most. */
function first(all: Belonging[]): Belonging | null {
  return (
    [...all].sort(
      (one, other) => Number(one.demo) - Number(other.demo) || ORDER.indexOf(one.role) - ORDER.indexOf(other.role),
    )[0] ?? null
  );
}

/** Brings this tab into the workspace of what it shows; whether it is there. @param workspace undefined while it is not known */
export function useInside(workspace: string | undefined): boolean {
  const { id, go } = useWorkspaceId();
  useEffect(() => {
    if (workspace) go(workspace);
  }, [workspace, go]);
  return workspace === id;
}
