import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import type { ThemeView } from "../api/client";
import { Finder, type Findable } from "../app/Finder";
import { Shortcuts } from "../app/Shortcuts";

export interface Step {
  to: string;
  name: string;
  question: string;
}

/** The steps of the work, in order; the Stage needs a scene and a canvas. */
export function steps(theme: ThemeView, scene?: string, canvas?: string): Step[] {
  const s = scene ?? theme.theme.scenes[0]?.id;
  const c = canvas ?? theme.theme.canvases[0]?.id;
  return [
    { to: "brand", name: "Brand", question: "Told apart, readable?" },
    { to: "pieces", name: "Pieces", question: "What is needed?" },
    { to: "sheet", name: "Sheet", question: "Fits everywhere?" },
    { to: s && c ? `stage/${s}/${c}` : "", name: "Stage", question: "This scene right?" },
    { to: "rehearse", name: "Rehearse", question: "Does it behave?" },
    { to: "publish", name: "Publish", question: "Everywhere, right size?" },
    { to: "move", name: "Move", question: "What changes?" },
  ];
}

/** The keys that work on every screen of a theme, the list of them, and the finder. */
export function FrameKeys({ theme, undo, redo }: { theme: ThemeView; undo: () => void; redo: () => void }) {
  const [shown, setShown] = useState<"" | "shortcuts" | "finder">("");
  const navigate = useNavigate();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLInputElement ||
        event.target instanceof HTMLTextAreaElement ||
        event.target instanceof HTMLSelectElement;
      const command = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      const step = event.altKey && !command ? steps(theme)[Number(event.code.replace("Digit", "")) - 1] : undefined;
      if (command && key === "k") setShown("finder");
      else if (command && key === "z" && !typing) (event.shiftKey ? redo : undo)();
      else if (event.key === "?" && !typing) setShown("shortcuts");
      else if (step?.to && event.code.startsWith("Digit")) void navigate(`/themes/${theme.id}/${step.to}`);
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [theme, undo, redo, navigate]);
  const go = (to: string) => () => void navigate(`/themes/${theme.id}/${to}`);
  const all: Findable[] = [
    ...steps(theme)
      .filter((step) => step.to !== "")
      .map((step) => ({ name: step.name, sort: "screen", go: go(step.to) })),
    { name: "Ready-made pictures", sort: "screen", go: go("brand/pictures") },
    { name: "Shelf", sort: "screen", go: () => void navigate("/") },
    ...theme.theme.scenes.flatMap((scene) =>
      theme.theme.canvases.map((canvas) => ({
        name: `${scene.name} on ${canvas.name}`,
        sort: "scene",
        go: go(`stage/${scene.id}/${canvas.id}`),
      })),
    ),
    ...theme.theme.pieces.map((piece) => ({ name: piece.name, sort: "piece", go: go(pieceAddress(theme, piece.id)) })),
    ...(theme.canUndo ? [{ name: "Undo", sort: "action", go: undo }] : []),
    ...(theme.canRedo ? [{ name: "Redo", sort: "action", go: redo }] : []),
    { name: "Shortcuts", sort: "action", go: () => setShown("shortcuts") },
  ];
  const close = () => setShown("");
  return (
    <>
      <Finder open={shown === "finder"} close={close} all={all} />
      <Shortcuts open={shown === "shortcuts"} close={close} />
    </>
  );
}

/** The Stage of the first scene that shows the piece, with it selected. */
function pieceAddress(theme: ThemeView, piece: string): string {
  const scene = theme.theme.scenes.find((s) => s.stack.some((placed) => placed.piece === piece));
  const canvas = theme.theme.canvases[0];
  return scene && canvas ? `stage/${scene.id}/${canvas.id}?piece=${piece}` : "pieces";
}
