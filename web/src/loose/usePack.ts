import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { answer, api, Problem, putFile, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { useThemeId } from "../theme/useTheme";
import { unpacked, type LooseFile } from "./unpacked";

export type PackLine = Schemas["PackLine"];

const AT_ONCE = 2;
const TRIES = 5;
const AGAIN_AFTER = 2000;

/** A pack on its way in: what is done, or why it stands still. */
export interface Reading {
  line: PackLine;
  /** Empty while it goes on. */
  stopped: string;
}

/** Sends a pack's files one after the other; it can be cancelled, and goes on after the server was away. */
export function usePack() {
  const id = useThemeId();
  const queries = useQueryClient();
  const [unpacking, setUnpacking] = useState(false);
  const [reading, setReading] = useState<Reading | null>(null);
  const files = useRef<LooseFile[]>([]);
  const abort = useRef<AbortController | null>(null);
  useEffect(() => () => abort.current?.abort(), []);

  const refresh = () => void queries.invalidateQueries({ queryKey: ["packs", id] });
  const send = async (line: PackLine) => {
    const controller = new AbortController();
    abort.current = controller;
    const waiting = [...line.missing];
    setReading({ line, stopped: "" });
    let stopped = "";
    const worker = async () => {
      for (let number = waiting.shift(); number !== undefined && stopped === ""; number = waiting.shift()) {
        const one = files.current[number];
        if (!one) continue;
        try {
          const next = await sent(id, line.id, number, one.file, controller.signal);
          // Answers may come in another order than they were made.
          setReading((old) => (old && next.progress.done >= old.line.progress.done ? { ...old, line: next } : old));
        } catch (error) {
          if (controller.signal.aborted) return;
          stopped = error instanceof Error ? error.message : "It could not be sent.";
        }
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, worker));
    if (controller.signal.aborted) return;
    abort.current = null;
    await queries.invalidateQueries({ queryKey: ["packs", id] });
    setReading((old) => (stopped === "" ? null : old && { ...old, stopped }));
  };
  return {
    unpacking,
    reading,
    take: async (dropped: File[]) => {
      if (dropped.length === 0 || abort.current || unpacking) return;
      setUnpacking(true);
      try {
        files.current = await unpacked(dropped);
        const line = await answer(
          api.POST("/api/themes/{theme}/packs", {
            params: { path: { theme: id } },
            body: { files: files.current.map(({ path, file }) => ({ path, bytes: file.size })) },
          }),
        );
        setUnpacking(false);
        await send(line);
      } catch (error) {
        sayProblem(error as Error);
      } finally {
        setUnpacking(false);
      }
    },
    /** After it stood still. */
    goOn: async () => {
      const lines = await answer(api.GET("/api/themes/{theme}/packs", { params: { path: { theme: id } } })).catch(
        (error: unknown) => {
          sayProblem(error as Error);
          return [];
        },
      );
      const line = lines.find((one) => one.id === reading?.line.id);
      if (line) await send(line);
    },
    cancel: async (pack: string) => {
      abort.current?.abort();
      abort.current = null;
      setReading(null);
      await answer(api.DELETE("/api/themes/{theme}/packs/{pack}", { params: { path: { theme: id, pack } } })).catch(
        sayProblem,
      );
      refresh();
    },
  };
}

/** Asked again for a while when what hinders passes by itself. */
async function sent(theme: string, pack: string, number: number, file: Blob, signal: AbortSignal): Promise<PackLine> {
  for (let tries = 1; ; tries++) {
    try {
      return await putFile<PackLine>(`/api/themes/${theme}/packs/${pack}/files/${String(number)}`, file, signal);
    } catch (error) {
      if (signal.aborted || tries >= TRIES || !(error instanceof Problem) || !error.passes) throw error;
      await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER));
    }
  }
}
