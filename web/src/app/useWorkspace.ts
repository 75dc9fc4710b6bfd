import { useEffect } from "react";
import type { Schemas } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { useSession } from "./useSession";

export type Belonging = Schemas["Belonging"];

const RANK: Record<Belonging["role"], number> = { OWNER: 0, DESIGNER: 1, OPERATOR: 2, VIEWER: 3 };

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
    [...all].sort((one, other) => Number(one.demo) - Number(other.demo) || RANK[one.role] - RANK[other.role])[0] ?? null
  );
}
