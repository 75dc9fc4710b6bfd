import { useState, type DragEvent } from "react";
import { Problem } from "../api/client";
import { droppedFiles, holdsFiles } from "./dropped";
import { sayProblem } from "./notices";

/**
 * A place that files and folders can be dropped on.
 *
 * @param take all of them, those in folders included; at least one
 * @param may whether they are taken at all
 * @returns whether some are held over it, and what the element of the place listens to
 */
export function useFileDrop(take: (files: File[]) => void, may = true) {
  const [over, setOver] = useState(false);
  const dropping = {
    onDragOver: (event: DragEvent) => {
      if (!may || !holdsFiles(event)) return;
      event.preventDefault();
      setOver(true);
    },
    onDragLeave: (event: DragEvent) => {
      if (!event.currentTarget.contains(event.relatedTarget as Node | null)) setOver(false);
    },
    onDrop: (event: DragEvent) => {
      setOver(false);
      if (!may || !holdsFiles(event)) return;
      event.preventDefault();
      droppedFiles(event.dataTransfer.items).then(
        (files) => {
          if (files.length > 0) take(files);
        },
        () => sayProblem(new Problem(0, "What was dropped could not be read. It may have been moved or be locked.")),
      );
    },
  };
  return { over, dropping };
}
