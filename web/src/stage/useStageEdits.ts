import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { answer, api, type Edit, type Layout, type Scene, type Schemas, type Theme } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { inTurn, newId, takeView, useEdit, useThemeId } from "../theme/useTheme";
import { useStage } from "./useStage";

/** Several edits as one step; nothing for none. */
export function asOne(edits: Edit[]): Edit | null {
  if (edits.length === 0) return null;
  const [first] = edits;
  return edits.length === 1 && first ? first : ({ edit: "batch", edits } as Edit);
}

/** Places pieces by a computation of the server. */
export function useArrange() {
  const id = useThemeId();
  const queries = useQueryClient();
  const { mutate } = useMutation({
    mutationFn: (
      wish:
        | Schemas["Align"]
        | Schemas["Distribute"]
        | Schemas["AnchorTo"]
        | Schemas["Attach"]
        | Schemas["Everywhere"]
        | Schemas["MarkRegion"]
        | Schemas["Keep"],
    ) => inTurn(() => answer(api.POST("/api/themes/{id}/arrange", { params: { path: { id } }, body: wish }))),
    onSuccess: (view) => takeView(queries, view),
    onError: sayProblem,
  });
  return mutate;
}

/** What can be done with the selected pieces of a scene. */
export function useStageEdits(
  theme: Theme,
  scene: Scene,
  layout: Layout | undefined,
  selected: string[],
  select: (pieces: string[]) => void,
) {
  const edit = useEdit();
  const say = useNotices((state) => state.say);
  const copied = useStage((state) => state.copied);
  const set = useStage((state) => state.set);
  const placed = scene.stack.filter((one) => selected.includes(one.piece));
  const shape = layout?.shape ?? "WIDE";
  const send = useCallback(
    (edits: Edit[]) => {
      const one = asOne(edits);
      return one ? edit(one) : Promise.resolve(true);
    },
    [edit],
  );
  const each = (make: (one: Schemas["Placed"]) => Edit) => void send(placed.map(make));
  return {
    takeOff: () => {
      each((one) => ({ edit: "takeOff", scene: scene.id, piece: one.piece }));
      select([]);
    },
    lock: () => {
      const locked = !placed.every((one) => one.locked);
      each((one) => ({ edit: "setLocked", scene: scene.id, piece: one.piece, locked }));
    },
    hide: () => {
      const hidden = !placed.every((one) => one.hidden.includes(shape));
      each((one) => ({ edit: "setHidden", scene: scene.id, piece: one.piece, shape, hidden }));
    },
    mirror: () => each((one) => manner(scene, one, shape, (m) => ({ ...m, mirrored: !m.mirrored }))),
    turn: (by: number) =>
      each((one) => manner(scene, one, shape, (m) => ({ ...m, turn: ((m.turn + by + 540) % 360) - 180 }))),
    reorder: (by: number) => {
      const order = by > 0 ? [...placed].reverse() : placed;
      void send(
        order.map((one) => ({
          edit: "reorder",
          scene: scene.id,
          piece: one.piece,
          index: Math.max(0, scene.stack.indexOf(one) + by),
        })),
      );
    },
    group: () => {
      const together = placed.every((one) => one.group !== "" && one.group === placed[0]?.group);
      const group = together ? "" : newId("group");
      each((one) => ({ edit: "setGroup", scene: scene.id, piece: one.piece, group }));
    },
    duplicate: () => {
      const copies = placed
        .map((one) => {
          const piece = theme.pieces.find((p) => p.id === one.piece);
          return piece
            ? { one, piece: { ...piece, id: newId(piece.kind.toLowerCase()), name: `${piece.name} 2` } }
            : null;
        })
        .filter((copy) => copy !== null);
      const edits = copies.flatMap(({ one, piece }): Edit[] => {
        const box = layout?.pieces.find((p) => p.id === one.piece)?.box;
        const put: Edit[] = [
          { edit: "addPiece", index: theme.pieces.length, piece },
          {
            edit: "place",
            scene: scene.id,
            index: scene.stack.length,
            placed: { ...one, piece: piece.id, locked: false, group: "" },
          },
        ];
        if (box && layout)
          put.push({
            edit: "setBox",
            scene: scene.id,
            piece: piece.id,
            canvas: layout.canvas,
            box: { ...box, x: box.x + 24, y: box.y + 24 },
          });
        return put;
      });
      void send(edits).then((taken) => {
        if (taken) select(copies.map((copy) => copy.piece.id));
      });
    },
    copy: () => {
      set({ copied: placed });
      say(`${String(placed.length)} copied; open another scene and press Ctrl V.`);
    },
    paste: () => {
      const fresh = copied.filter(
        (one) =>
          theme.pieces.some((piece) => piece.id === one.piece) &&
          !scene.stack.some((other) => other.piece === one.piece),
      );
      if (fresh.length === 0)
        say(copied.length === 0 ? "Nothing was copied yet." : "These pieces are on this scene already.");
      else
        void send(
          fresh.map((one, i) => ({
            edit: "place",
            scene: scene.id,
            index: scene.stack.length + i,
            placed: { ...one, group: "" },
          })),
        ).then((taken) => {
          if (taken) select(fresh.map((one) => one.piece));
        });
    },
  };
}

type Shape = Layout["shape"];

/** Changes how a piece is laid: on this shape alone where that differs already, else on all. */
export function manner(
  scene: Scene,
  one: Schemas["Placed"],
  shape: Shape,
  change: (manner: Schemas["Manner"]) => Schemas["Manner"],
): Edit {
  const own = one.manners[shape];
  return own
    ? { edit: "setMannerOn", scene: scene.id, piece: one.piece, shape, manner: change(own) }
    : { edit: "setManner", scene: scene.id, piece: one.piece, manner: change(one.manner) };
}
