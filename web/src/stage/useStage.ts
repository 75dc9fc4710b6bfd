import { create } from "zustand";
import type { FootageName } from "../footage/Footage";
import type { Schemas } from "../api/client";

/** What is drawn next by dragging on the stage. */
export type Drawing = "" | "keepClear" | "FACE" | "DISPLAY";

interface StageStore {
  guides: boolean;
  plan: boolean;
  areas: boolean;
  phone: boolean;
  snap: boolean;
  footage: FootageName | "hatch";
  drawing: Drawing;
  /** Whether a pointer is down on it. */
  held: boolean;
  /** How often the scene was let come on. */
  arrivals: number;
  /** Placements to be put on another scene. */
  copied: Schemas["Placed"][];
  set: (change: Partial<Omit<StageStore, "set">>) => void;
}

/** How the stage is looked at; the selection is in the address. */
export const useStage = create<StageStore>((set) => ({
  guides: true,
  plan: false,
  areas: true,
  phone: false,
  snap: true,
  footage: "hatch",
  drawing: "",
  held: false,
  arrivals: 0,
  copied: [],
  set,
}));
