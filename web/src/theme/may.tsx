import { includes, lacks } from "./roles";
import type { ThemeView } from "../api/client";
import { useTheme } from "./useTheme";

/** Whether one may do in this theme what a role may do. */
export function useMay(wanted: ThemeView["role"]): boolean {
  return includes(useTheme().role, wanted);
}

/** Why one cannot change what one sees, for those who cannot. */
export function LooksOn({ role }: { role: ThemeView["role"] }) {
  const words = lacks(role);
  if (words === "") return null;
  return (
    <p role="note" className="border-b border-rule bg-ochre-soft px-4 py-1.5">
      {words}
    </p>
  );
}
