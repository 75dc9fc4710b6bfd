import type { Schemas } from "../api/client";

export const ROLE_NAMES: Record<Schemas["Scene"]["role"], string> = {
  STARTING: "Starting",
  LIVE: "Live",
  TALKING: "Talking",
  AWAY: "Away",
  ENDING: "Ending",
};
