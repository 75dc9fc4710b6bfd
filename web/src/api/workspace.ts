import { create } from "zustand";

const KEY = "brandeon-workspace";

/** Says to the server which workspace a page is in, where an address does not name anything of one. */
export const WORKSPACE_HEADER = "Brandeon-Workspace";

/** The workspace of this tab: the one it was in, else the one that this browser was in last; empty for not known yet. */
export const useWorkspaceId = create<{ id: string; go: (id: string) => void }>((set) => ({
  id: kept(),
  go: (id) => {
    try {
      sessionStorage.setItem(KEY, id);
      localStorage.setItem(KEY, id);
    } catch {
      // A browser that keeps nothing begins anew with each page.
    }
    set({ id });
  },
}));

function kept(): string {
  try {
    return sessionStorage.getItem(KEY) ?? localStorage.getItem(KEY) ?? "";
  } catch {
    return "";
  }
}
