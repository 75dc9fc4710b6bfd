import { useCallback } from "react";
import { useLocation, useNavigate } from "react-router";
import type { ThemeView } from "../api/client";
import type { Findable } from "../app/Finder";
import { FinderKeys } from "../app/FinderKeys";
import { PLACES } from "../app/places";
import { includes } from "../app/roles";
import { isNight, setNight } from "../app/night";
import { isTakeBack } from "../app/typing";
import { useChoices } from "./titles";
import { usePutOnAir } from "./usePutOnAir";
import { useRepair, useStart } from "./useTheme";
import { keysAt, screens, steps } from "./screens";

/** The keys that work on every screen of a theme, the list of them, and the finder. */
export function FrameKeys({ theme, undo, redo }: { theme: ThemeView; undo: () => void; redo: () => void }) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const also = useCallback(
    (event: KeyboardEvent, typing: boolean) => {
      const command = event.ctrlKey || event.metaKey;
      const step = event.altKey && !command ? steps(theme)[Number(event.code.replace("Digit", "")) - 1] : undefined;
      if (isTakeBack(event) && !typing) (event.shiftKey ? redo : undo)();
      else if (step?.to && event.code.startsWith("Digit")) void navigate(`/themes/${theme.id}/${step.to}`);
      else return false;
      return true;
    },
    [theme, undo, redo, navigate],
  );
  const air = usePutOnAir(theme);
  const repair = useRepair();
  const start = useStart();
  const { sceneRoles } = useChoices();
  const mayEdit = includes(theme.role, "DESIGNER");
  const deeds = (): Findable[] => [
    ...(air.may && air.news ? [{ name: "Put on air", sort: "action", go: air.put }] : []),
    ...(mayEdit && theme.theme.scenes.length > 0
      ? [{ name: "Fix all that can be fixed", sort: "action", go: () => repair.mutate() }]
      : []),
    ...(mayEdit
      ? sceneRoles.map((role) => ({
          name: `Add a scene: ${role.title}`,
          sort: "action",
          go: () => start.mutate({ family: "", roles: [role.id] }),
        }))
      : []),
    {
      name: isNight() ? "Day colours" : "Night colours",
      sort: "action",
      go: () => setNight(!isNight()),
    },
  ];
  const go = (to: string) => () => void navigate(`/themes/${theme.id}/${to}`);
  const all = (): Findable[] => [
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
    ...theme.theme.pieces.map((piece) => ({
      name: `${piece.name}: edit and export`,
      sort: "piece",
      go: go(`pieces/${piece.id}`),
    })),
    ...deeds(),
    ...(theme.canUndo && mayEdit ? [{ name: "Undo", sort: "action", go: undo }] : []),
    ...(theme.canRedo && mayEdit ? [{ name: "Redo", sort: "action", go: redo }] : []),
  ];
  return <FinderKeys all={all} own={keysAt(pathname)} also={also} />;
}

/** The Stage of the first scene that shows the piece, with it selected. */
function pieceAddress(theme: ThemeView, piece: string): string {
  const scene = theme.theme.scenes.find((s) => s.stack.some((placed) => placed.piece === piece));
  const canvas = theme.theme.canvases[0];
  return scene && canvas ? `stage/${scene.id}/${canvas.id}?piece=${piece}` : "pieces";
}
