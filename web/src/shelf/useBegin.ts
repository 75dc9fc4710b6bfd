import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, sendFile, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { handOver } from "../loose/handed";

/** At most so many seeds are taken from a picture or a palette. */
export const MOST_SEEDS = 5;

/** The colours to begin with that a picture or palette proposes; none where it has none. */
export async function seedsOf(file: File): Promise<string[]> {
  const read = await sendFile<Schemas["ReadView"]>("/api/palettes/read", file);
  const proposed = read.swatches.filter((swatch) => swatch.proposed);
  return (proposed.length > 0 ? proposed : read.swatches).slice(0, MOST_SEEDS).map((swatch) => swatch.colour);
}

/** Begins a theme with whatever was dropped: a package is looked at first, a picture or palette gives its colours. */
export function useBeginWith() {
  const begin = useBegin();
  const [packed, setPacked] = useState<File | null>(null);
  const loose = useBeginLoose();
  return {
    busy: begin.isPending,
    empty: (name: string) => begin.mutate({ name }),
    file: (file: File) =>
      /\.zip$/i.test(file.name) ? setPacked(file) : begin.mutate({ name: nameOf(file.name), picture: file }),
    /** A folder, several files, or a zip that is no package: sorted in a theme of their own. */
    loose,
    packed,
    leave: () => setPacked(null),
  };
}

/** Begins a theme with its questions, in the colours of a picture if there is one. A file that cannot be read makes no theme. */
export function useBegin() {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: async ({ name, picture }: { name: string; picture?: File }) => {
      const seeds = picture ? await seedsOf(picture) : [];
      return answer(api.POST("/api/beginnings", { body: { name, seeds } }));
    },
    onSuccess: ({ theme }) => void navigate(`/themes/${theme}/begin`),
    onError: sayProblem,
  });
}

/** Makes a theme without questions and leads to the sorting of files in it. */
export function useBeginLoose() {
  const navigate = useNavigate();
  return async (name: string, files: File[]) => {
    try {
      const theme = await answer(api.POST("/api/themes", { body: { name } }));
      handOver(files);
      void navigate(`/themes/${theme.id}/brand/loose`);
    } catch (error) {
      sayProblem(error as Error);
    }
  };
}

/** A file's name as a name for a theme: without its ending, words apart. */
export function nameOf(file: string): string {
  const words = file
    .replace(/\.[^.]*$/, "")
    .replace(/[_-]+/g, " ")
    .trim();
  return words === "" ? "New theme" : (words[0] ?? "").toUpperCase() + words.slice(1, 120);
}
