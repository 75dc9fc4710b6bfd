import type { ReactNode } from "react";
import { includes, type MemberRole } from "../app/roles";
import { useTheme } from "./useTheme";

/** Whether one's role in the theme's workspace includes another one. */
export function useMay(role: MemberRole = "DESIGNER"): boolean {
  return includes(useTheme().role, role);
}

/**
 * What changes something: offered to those whose role includes it. Others see the values as text, and no button
 * (app.css); what else makes sense only for those who may is marked as `only-may`.
 */
export function May({ role = "DESIGNER", children }: { role?: MemberRole; children: ReactNode }) {
  return (
    <fieldset className="may contents" disabled={!useMay(role)}>
      {children}
    </fieldset>
  );
}
