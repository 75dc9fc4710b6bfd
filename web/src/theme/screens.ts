import type { Theme, ThemeView } from "../api/client";

/** A key, or several, and what it does. */
export type Keys = readonly (readonly [keys: string, does: string])[];

/** A screen of a theme: its address, its name, and what else its frame must know of it. */
interface Screen {
  /** Below the theme's own address, as the router takes it. */
  path: string;
  /** Empty for screens that are only reached from others. */
  name: string;
  /** What it answers; only the steps of the work have one. */
  question?: string;
  keys?: Keys;
}

const SCREENS = [
  { path: "brand", name: "Brand", question: "Told apart, readable?" },
  {
    path: "brand/pictures",
    name: "Ready-made pictures",
    keys: [["Enter on “Add pictures”", "Choose files; folders can be dropped"]],
  },
  { path: "brand/loose", name: "Loose files: a folder or a zip" },
  { path: "pieces", name: "Pieces", question: "What is needed?" },
  {
    path: "pieces/:piece",
    name: "",
    keys: [
      ["Up, Down on a grip", "Move a line of a list"],
      ["Enter in the last line", "Add another one"],
      ["Esc in a text", "Back to what was there"],
    ],
  },
  { path: "sheet", name: "Sheet", question: "Fits everywhere?" },
  {
    path: "stage/:scene/:canvas",
    name: "Stage",
    question: "This scene right?",
    keys: [
      ["Tab, Shift Tab", "The next piece, the one before"],
      ["Shift click, drag", "Select several; Ctrl A selects all"],
      ["Arrows", "Move by 1 px; with Shift by 10"],
      ["Alt Arrows", "Size by 1 px; with Shift by 10"],
      [", and .", "Turn by a degree; < and > by 15"],
      ["[ and ]", "One back in the stack, one to the front"],
      ["M, H, L", "Mirror, hide on this shape, lock"],
      ["Ctrl D", "Duplicate"],
      ["Ctrl C, Ctrl V", "Copy to another scene"],
      ["Ctrl G", "Move as one, or apart again"],
      ["Delete", "Take off this scene; on a plan line: put it back"],
      ["Ctrl while dragging", "Let edges not catch"],
      ["Esc", "Select nothing"],
    ],
  },
  { path: "facts", name: "Facts", question: "What arrives?" },
  {
    path: "alerts",
    name: "Alerts",
    question: "Worth what?",
    keys: [
      ["Up, Down on a grip", "Move a rule"],
      ["{ in a text", "The values that it may use"],
      ["Esc in a text", "Back to what was there"],
    ],
  },
  { path: "rehearse", name: "Rehearse", question: "Does it behave?" },
  { path: "publish", name: "Publish", question: "Everywhere, right size?" },
  {
    path: "desk",
    name: "Desk",
    question: "What can I do now?",
    keys: [["Tab, Shift Tab", "The next control, the one before"]],
  },
  { path: "move", name: "Move", question: "What changes?" },
] as const satisfies readonly Screen[];

/** The addresses of all screens below that of a theme. */
export type Path = (typeof SCREENS)[number]["path"];

const ALL: readonly Screen[] = SCREENS;

export interface Step {
  /** Below the theme's own address; empty while it cannot be opened. */
  to: string;
  path: string;
  name: string;
  question: string;
}

/** The steps of the work, in order; the Stage needs a scene and a canvas. */
export function steps(theme: ThemeView, scene?: string, canvas?: string): Step[] {
  return screens(theme, scene, canvas).flatMap((screen) =>
    screen.question === undefined ? [] : [{ ...screen, question: screen.question }],
  );
}

/** Every screen that can be gone to by its name. */
export function screens(theme: ThemeView, scene?: string, canvas?: string): (Omit<Step, "question"> & Partial<Step>)[] {
  const at: Record<string, string | undefined> = {
    ":scene": scene ?? theme.theme.scenes[0]?.id,
    ":canvas": canvas ?? theme.theme.canvases[0]?.id,
  };
  return ALL.filter(({ name }) => name !== "").map(({ path, name, question }) => {
    const parts = path.split("/").map((part) => (part.startsWith(":") ? at[part] : part));
    const to = parts.every((part) => part !== undefined) ? parts.join("/") : "";
    return { path, name, to, ...(question === undefined ? {} : { question }) };
  });
}

/** Whether an address below a theme's own leads to a screen, and to what is still in the theme. */
export function stillThere(theme: Theme, place: string): boolean {
  const own = place.split("/");
  const known: Record<string, { id: string }[]> = {
    ":scene": theme.scenes,
    ":canvas": theme.canvases,
    ":piece": theme.pieces,
  };
  return ALL.some(({ path }) => {
    const parts = path.split("/");
    return (
      parts.length === own.length &&
      parts.every((part, i) => (part in known ? known[part]?.some((one) => one.id === own[i]) : part === own[i]))
    );
  });
}

/** The keys of the screen at an address. */
export function keysAt(pathname: string): Keys {
  const own = pathname.split("/").slice(3);
  const screen = ALL.find(({ path }) => {
    const parts = path.split("/");
    return parts.length === own.length && parts.every((part, i) => part.startsWith(":") || part === own[i]);
  });
  return screen?.keys ?? [];
}
