import { useEffect, useState } from "react";
import { useLocation, useNavigate } from "react-router";
import type { ThemeView } from "../api/client";
import { Finder, type Findable } from "../app/Finder";
import { Shortcuts } from "../app/Shortcuts";
import { PLACES } from "../app/places";
import { keysAt, screens, steps } from "./screens";

/** The keys that work on every screen of a theme, the list of them, and the finder. */
export function FrameKeys({ theme, undo, redo }: { theme: ThemeView; undo: () => void; redo: () => void }) {
  const [shown, setShown] = useState<"" | "shortcuts" | "finder">("");
  const navigate = useNavigate();
  const { pathname } = useLocation();
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
    ...screens(theme)
      .filter((screen) => screen.to !== "")
      .map((screen) => ({ name: screen.name, sort: "screen", go: go(screen.to) })),
    ...PLACES.map((place) => ({ name: place.name, sort: "screen", go: () => void navigate(place.to) })),
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
      <Shortcuts open={shown === "shortcuts"} close={close} own={keysAt(pathname)} />
    </>
  );
}

/** The Stage of the first scene that shows the piece, with it selected. */
function pieceAddress(theme: ThemeView, piece: string): string {
  const scene = theme.theme.scenes.find((s) => s.stack.some((placed) => placed.piece === piece));
  const canvas = theme.theme.canvases[0];
  return scene && canvas ? `stage/${scene.id}/${canvas.id}?piece=${piece}` : "pieces";
}
