import { useState, type DragEvent, type KeyboardEvent } from "react";

/**
 * Lines of a list that are put in another order by dragging a grip, or by arrow keys on it. The list is an `ol` whose
 * grips are its only draggable parts.
 */
export function useDragOrder(count: number, moved: (from: number, to: number) => void) {
  const [dragged, setDragged] = useState<number | null>(null);
  const [over, setOver] = useState<number | null>(null);
  const move = (from: number, to: number) => {
    if (from !== to && to >= 0 && to < count) moved(from, to);
  };
  return {
    /** How a line looks while one is dragged over it, or is dragged itself. */
    classOf: (i: number) =>
      `${over === i && dragged !== null && dragged !== i ? "border-kelp bg-kelp-soft" : "border-rule"} ${dragged === i ? "opacity-50" : ""}`,
    line: (i: number) => ({
      onDragOver: (event: DragEvent) => {
        if (dragged !== null) {
          event.preventDefault();
          setOver(i);
        }
      },
      onDrop: (event: DragEvent) => {
        event.preventDefault();
        if (dragged !== null) move(dragged, i);
      },
    }),
    grip: (i: number) => ({
      draggable: true,
      title: "Drag to order; arrow keys move it",
      onDragStart: (event: DragEvent) => {
        event.dataTransfer.effectAllowed = "move";
        setDragged(i);
      },
      onDragEnd: () => {
        setDragged(null);
        setOver(null);
      },
      onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
        if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
        event.preventDefault();
        event.stopPropagation();
        const to = i + (event.key === "ArrowUp" ? -1 : 1);
        move(i, to);
        // The grip of where the line goes to takes the focus with it.
        event.currentTarget.closest("ol")?.querySelectorAll<HTMLElement>("[draggable]")[to]?.focus();
      },
    }),
  };
}
