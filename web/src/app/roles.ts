import type { Schemas } from "../api/client";

export type MemberRole = Schemas["Belonging"]["role"];

/** Each includes those after it. */
export const ORDER: MemberRole[] = ["OWNER", "DESIGNER", "OPERATOR", "VIEWER"];

/** Whether a role includes another one. */
export function includes(role: MemberRole, wanted: MemberRole): boolean {
  return ORDER.indexOf(role) <= ORDER.indexOf(wanted);
}

/** What somebody who may not edit is told; empty for those who may. */
export function lacks(role: MemberRole): string {
  switch (role) {
    case "OWNER":
    case "DESIGNER":
      return "";
    case "OPERATOR":
      return "Your role here is operator: you put themes on air and run the show. Designers and owners change how it looks.";
    case "VIEWER":
      return "Your role here is viewer: you see everything and change nothing. Ask an owner of the workspace for another role.";
  }
}
