import { useQuery } from "@tanstack/react-query";
import { answer, api, sendFile, type Schemas } from "../api/client";
import { useDeed } from "../app/useDeed";
import { useTheme } from "../theme/useTheme";

export type Script = Schemas["ScriptView"];
export type Rehearsal = Schemas["RehearsalView"];
export type Report = Schemas["RehearsalReport"];

/** The page looks again so often while something is played, and otherwise; milliseconds. */
const LOOKS = 700;
const RESTS = 4000;

export function useReadyScripts() {
  return useQuery({ queryKey: ["scripts"], queryFn: () => answer(api.GET("/api/scripts")), staleTime: Infinity });
}

/** Where scripts come from. */
export type Source = { ready: string } | { hours: number } | { text: string };

/** A script that can be played; a mistake in a written one is its error. */
export function useScript(source: Source) {
  const { channel } = useTheme();
  return useQuery({
    queryKey: ["script", channel, source],
    queryFn: () => {
      if ("ready" in source) return answer(api.GET("/api/scripts/{id}", { params: { path: { id: source.ready } } }));
      if ("hours" in source)
        return answer(
          api.GET("/api/channels/{channel}/script", { params: { path: { channel }, query: { hours: source.hours } } }),
        );
      return sendFile<Script>("/api/scripts/read", new Blob([source.text]));
    },
    retry: false,
    placeholderData: (old) => ("text" in source ? old : undefined),
    staleTime: "hours" in source ? 0 : Infinity,
    enabled: !("text" in source) || source.text.trim() !== "",
  });
}

/** What is played to the show and was lately, and what can be done about it. */
export function useRehearsals() {
  const { show, channel } = useTheme();
  const all = useQuery({
    queryKey: ["rehearsals", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/rehearsals", { params: { path: { show } } })),
    refetchInterval: (query) => (query.state.data?.some((one) => one.state === "PLAYING") ? LOOKS : RESTS),
  });
  const touched = [["rehearsals", show], ["rehearsal", show], ["record"], ["alerts", show]];
  const play = useDeed(
    (wish: { name: string; text: string; speed: number }) =>
      sendFile<Rehearsal>(
        `/api/channels/${channel}/rehearsals?name=${encodeURIComponent(wish.name)}&speed=${String(wish.speed)}`,
        new Blob([wish.text]),
      ),
    () => "",
    touched,
  );
  const path = (rehearsal: string) => ({ params: { path: { show, rehearsal } } });
  const stop = useDeed(
    (id: string) => answer(api.POST("/api/shows/{show}/rehearsals/{rehearsal}/stop", path(id))),
    () => "",
    touched,
  );
  const again = useDeed(
    (id: string) => answer(api.POST("/api/shows/{show}/rehearsals/{rehearsal}/again", path(id))),
    () => "",
    touched,
  );
  return { all, play, stop, again };
}

/** What was shown of a rehearsal, against what was expected. */
export function useReport(rehearsal: Rehearsal | undefined) {
  const { show } = useTheme();
  const id = rehearsal?.id ?? "";
  return useQuery({
    queryKey: ["rehearsal", show, id],
    queryFn: () =>
      answer(api.GET("/api/shows/{show}/rehearsals/{rehearsal}", { params: { path: { show, rehearsal: id } } })),
    enabled: id !== "",
    placeholderData: (old) => old,
    refetchInterval: (query) =>
      rehearsal?.state === "PLAYING" || (query.state.data?.outcomes.WAITS ?? 0) > 0 ? LOOKS : false,
  });
}
