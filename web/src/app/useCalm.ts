import { useSyncExternalStore } from "react";

const query = window.matchMedia("(prefers-reduced-motion: reduce)");

function listen(changed: () => void): () => void {
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
}

/** Whether this person's system asks for less motion. Pictures in the editor then stand still unless played by hand; outlets do not ask. */
export function useCalm(): boolean {
  return useSyncExternalStore(listen, () => query.matches);
}
