import { useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { useCallback, useEffect } from "react";
import { useParams } from "react-router";
import { answer, api, type Edit, type Schemas, type ThemeView } from "../api/client";
import { live } from "../api/live";
import { sayProblem } from "../app/notices";

export function useThemeId(): string {
  return useParams()["id"] ?? "";
}

export function useThemeQuery() {
  const id = useThemeId();
  return useQuery({ queryKey: ["theme", id], queryFn: () => answer(api.GET("/api/themes/{id}", { params: { path: { id } } })) });
}

/** The theme, on pages that are only shown when it is there. */
export function useTheme(): ThemeView {
  const { data } = useThemeQuery();
  if (!data) throw new Error("This page is shown inside ThemeFrame only.");
  return data;
}

export function useCatalogue() {
  return useQuery({ queryKey: ["catalogue"], queryFn: () => answer(api.GET("/api/catalogue")), staleTime: Infinity });
}

export function useLayouts() {
  const id = useThemeId();
  return useQuery({ queryKey: ["layouts", id], queryFn: () => answer(api.GET("/api/themes/{id}/layouts", { params: { path: { id } } })), placeholderData: (old) => old });
}

/** What is found about the theme as a whole, not about a scene. */
export function useThemeFindings() {
  const id = useThemeId();
  return useQuery({ queryKey: ["findings", id], queryFn: () => answer(api.GET("/api/themes/{id}/findings", { params: { path: { id } } })), placeholderData: (old) => old });
}

/** What is computed from a theme; asked for again after each change. */
const DERIVED = ["layouts", "findings", "brand", "artworks", "ledger", "history", "clocks"];

function take(queries: QueryClient, view: ThemeView): void {
  queries.setQueryData<ThemeView>(["theme", view.id], (old) => (old && old.version > view.version ? old : view));
  DERIVED.forEach((name) => void queries.invalidateQueries({ queryKey: [name, view.id] }));
}

/** Sends edits one after another, in the order in which they were made. */
let line: Promise<unknown> = Promise.resolve();

export function useEdit() {
  const id = useThemeId();
  const queries = useQueryClient();
  return useCallback(
    (edit: Edit, gesture = "") => {
      const sent = line.then(() => answer(api.POST("/api/themes/{id}/edits", { params: { path: { id } }, body: { edit, gesture } })));
      line = sent.catch(() => undefined);
      return sent.then(
        (view) => {
          take(queries, view);
          return true;
        },
        (error: unknown) => {
          sayProblem(error);
          void queries.invalidateQueries({ queryKey: ["theme", id] });
          return false;
        },
      );
    },
    [id, queries],
  );
}

/** Adds finished scenes, in another family if one is named; one undo takes them out again. */
export function useStart() {
  const id = useThemeId();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (wanted: Schemas["Start"]) => answer(api.POST("/api/themes/{id}/start", { params: { path: { id } }, body: wanted })),
    onSuccess: (view: ThemeView) => take(queries, view),
    onError: sayProblem,
  });
}

export function useUndo() {
  const id = useThemeId();
  const queries = useQueryClient();
  const onSuccess = (view: ThemeView) => take(queries, view);
  const undo = useMutation({ mutationFn: () => answer(api.POST("/api/themes/{id}/undo", { params: { path: { id } } })), onSuccess, onError: sayProblem });
  const redo = useMutation({ mutationFn: () => answer(api.POST("/api/themes/{id}/redo", { params: { path: { id } } })), onSuccess, onError: sayProblem });
  return { undo: undo.mutate, redo: redo.mutate };
}

/** Asks again whenever somebody else, or another window, changed this theme. */
export function useOthersChanges(): void {
  const id = useThemeId();
  const queries = useQueryClient();
  useEffect(
    () =>
      live.onChange((theme, version) => {
        if (theme !== id) return;
        const known = queries.getQueryData<ThemeView>(["theme", id]);
        if (known && known.version >= version) return;
        void queries.invalidateQueries({ queryKey: ["theme", id] });
        DERIVED.forEach((name) => void queries.invalidateQueries({ queryKey: [name, id] }));
      }),
    [id, queries],
  );
}

export function newId(prefix: string): string {
  return `${prefix}-${crypto.randomUUID().slice(0, 8)}`;
}
