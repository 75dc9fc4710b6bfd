import { useMutation } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answer, api, sendFile, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";

/** At most so many seeds are taken from a picture or a palette. */
export const MOST_SEEDS = 5;

/** The colours to begin with that a picture or palette proposes; none where it has none. */
export async function seedsOf(file: File): Promise<string[]> {
  const read = await sendFile<Schemas["ReadView"]>("/api/palettes/read", file);
  const proposed = read.swatches.filter((swatch) => swatch.proposed);
  return (proposed.length > 0 ? proposed : read.swatches).slice(0, MOST_SEEDS).map((swatch) => swatch.colour);
}

/** Makes a theme of a package that was taken out somewhere, and opens it. A package that is refused makes none. */
function useBringIn() {
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  return useMutation({
    mutationFn: (file: File) => sendFile<Schemas["BroughtIn"]>("/api/packages", file),
    onSuccess: ({ theme, name }) => {
      say(`${name} is on the shelf, with sources of its own.`);
      void navigate(`/themes/${theme}`);
    },
    onError: sayProblem,
  });
}

/** Begins a theme with whatever was dropped: a package as it is, a picture or palette with its colours. */
export function useBeginWith() {
  const begin = useBegin();
  const bringIn = useBringIn();
  return {
    busy: begin.isPending || bringIn.isPending,
    empty: (name: string) => begin.mutate({ name }),
    file: (file: File) =>
      /\.zip$/i.test(file.name) ? bringIn.mutate(file) : begin.mutate({ name: nameOf(file.name), picture: file }),
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

/** A file's name as a name for a theme: without its ending, words apart. */
export function nameOf(file: string): string {
  const words = file
    .replace(/\.[^.]*$/, "")
    .replace(/[_-]+/g, " ")
    .trim();
  return words === "" ? "New theme" : (words[0] ?? "").toUpperCase() + words.slice(1, 120);
}
