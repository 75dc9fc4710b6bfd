import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Problem, sendFile } from "../api/client";
import { useThemeId } from "../theme/useTheme";

export interface Intake {
  total: number;
  done: number;
  /** Files that were not taken, each with the reason. */
  refused: { name: string; reason: string }[];
  running: boolean;
}

const AT_ONCE = 2;

/** Takes in many files with progress; cancelling keeps what is in already. One undo takes all of them out again. */
export function useIntake() {
  const id = useThemeId();
  const queries = useQueryClient();
  const [intake, setIntake] = useState<Intake | null>(null);
  const abort = useRef<AbortController | null>(null);

  const refresh = () => {
    void queries.invalidateQueries({ queryKey: ["artworks", id] });
    void queries.invalidateQueries({ queryKey: ["theme", id] });
  };
  const take = async (files: File[]) => {
    if (files.length === 0 || abort.current) return;
    const controller = new AbortController();
    abort.current = controller;
    const gesture = crypto.randomUUID();
    const waiting = [...files];
    setIntake({ total: files.length, done: 0, refused: [], running: true });
    const worker = async () => {
      for (let file = waiting.shift(); file && !controller.signal.aborted; file = waiting.shift()) {
        const reason = await send(id, file, gesture, controller.signal);
        const refused = reason === null ? [] : [{ name: file.name, reason }];
        setIntake((old) => old && { ...old, done: old.done + 1, refused: [...old.refused, ...refused] });
        refresh();
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, worker));
    abort.current = null;
    setIntake((old) => old && { ...old, running: false });
    refresh();
  };
  return { intake, take, cancel: () => abort.current?.abort(), dismiss: () => setIntake(null) };
}

/** Null when it was taken. */
async function send(theme: string, file: File, gesture: string, signal: AbortSignal): Promise<string | null> {
  try {
    await sendFile(
      `/api/themes/${theme}/artworks?name=${encodeURIComponent(file.name)}&gesture=${gesture}`,
      file,
      signal,
    );
    return null;
  } catch (error) {
    if (signal.aborted) return "Cancelled.";
    return error instanceof Problem ? error.message : "It could not be sent.";
  }
}
