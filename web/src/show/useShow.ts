import { type QueryClient, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { answer, api, Problem, type Schemas } from "../api/client";
import { live } from "../api/live";
import { Looking } from "../app/looking";
import { sayProblem } from "../app/notices";
import { takeView } from "../theme/useTheme";
import { useChannels } from "../app/useChannels";

export type Show = Schemas["ShowView"];
export type Control = Schemas["Control"];
export type Cue = Schemas["CueWish"]["cue"];

/** In a burst of cues a page looks so often at most, and leaves the server to those who press. */
const LOOKS = { least: 150, patiently: 1, longest: 4000 };

const lookings = new WeakMap<QueryClient, Map<string, Looking>>();

/** Has what a page knows of a show asked for anew, once for all cues that come together. */
export function lookAtShow(queries: QueryClient, id: string): void {
  const shows = lookings.get(queries) ?? new Map<string, Looking>();
  lookings.set(queries, shows);
  const looking = shows.get(id) ?? new Looking(() => askAnew(queries, id), LOOKS);
  shows.set(id, looking);
  looking.look();
}

async function askAnew(queries: QueryClient, id: string): Promise<boolean> {
  await Promise.all(["show", "cues"].map((name) => queries.invalidateQueries({ queryKey: [name, id] })));
  return true;
}

/** What can be done on a show now; asked for again whenever somebody, here or elsewhere, did something on it. */
export function useShow(id: string) {
  const queries = useQueryClient();
  useEffect(() => {
    const again = () => lookAtShow(queries, id);
    const unfollow = live.followShow(id, again);
    const unreturn = live.onReturn(again);
    return () => {
      unfollow();
      unreturn();
    };
  }, [id, queries]);
  return useQuery({
    queryKey: ["show", id],
    queryFn: () => answer(api.GET("/api/shows/{id}", { params: { path: { id } } })),
    placeholderData: (old) => old,
  });
}

/** The latest cues, the newest first. */
export function useCueRecord(id: string) {
  return useQuery({
    queryKey: ["cues", id],
    queryFn: () => answer(api.GET("/api/shows/{id}/cues", { params: { path: { id } } })),
    placeholderData: (old) => old,
  });
}

/** Sends cues. Each has a key of its own, so that one whose answer was lost is sent again and counts once. */
export function useCues(id: string) {
  const queries = useQueryClient();
  const onSuccess = () => lookAtShow(queries, id);
  const send = useMutation({
    mutationFn: (wish: Schemas["CueWish"]) =>
      answer(api.POST("/api/shows/{id}/cues", { params: { path: { id } }, body: wish })),
    retry: (count, error) => count < 3 && error instanceof Problem && error.passes,
    onSuccess,
    onError: sayProblem,
  });
  const undo = useMutation({
    mutationFn: () => answer(api.POST("/api/shows/{id}/undo", { params: { path: { id } } })),
    onSuccess,
    onError: sayProblem,
  });
  const redo = useMutation({
    mutationFn: () => answer(api.POST("/api/shows/{id}/redo", { params: { path: { id } } })),
    onSuccess,
    onError: sayProblem,
  });
  const lead = useMutation({
    mutationFn: (theme: string) =>
      answer(api.PUT("/api/shows/{id}/leading", { params: { path: { id } }, body: { theme } })),
    onSuccess,
    onError: sayProblem,
  });
  const takeOver = useMutation({
    mutationFn: ({ theme, piece }: { theme: string; piece: string }) =>
      answer(api.POST("/api/shows/{id}/take-over/{theme}/{piece}", { params: { path: { id, theme, piece } } })),
    onSuccess: (view) => {
      takeView(queries, view);
      onSuccess();
    },
    onError: sayProblem,
  });
  return {
    /** Resolves to whether it was applied. */
    cue: (cue: Cue) =>
      send.mutateAsync({ cue, key: crypto.randomUUID() }).then(
        () => true,
        () => false,
      ),
    undo: undo.mutate,
    redo: redo.mutate,
    lead: lead.mutate,
    takeOver: takeOver.mutate,
  };
}

/** The channels of the workspace, and which show each of them feeds. */
export function useFeeding(id: string) {
  const queries = useQueryClient();
  const channels = useChannels();
  const feed = useMutation({
    mutationFn: ({ channel, show }: { channel: string; show: string | null }) =>
      answer(api.PUT("/api/channels/{channel}/show", { params: { path: { channel } }, body: { show } })),
    onSuccess: () => {
      for (const key of [["channels"], ["show", id], ["theme"], ["record"]])
        void queries.invalidateQueries({ queryKey: key });
    },
    onError: sayProblem,
  });
  return { channels: channels.data ?? [], feed: feed.mutate };
}
