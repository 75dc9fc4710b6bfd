import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { useLocation } from "react-router";
import { answer, api } from "../api/client";
import { useThemeId, useThemeQuery } from "./useTheme";

/** A screen that is only passed through is not where one was. */
const STAYS = 800;

/** Where somebody was in this theme last, and what others did since; as it was when they came. */
export function useLastVisit() {
  const id = useThemeId();
  return useQuery({
    queryKey: ["visit", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/visit", { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 0,
  });
}

/** Keeps where one is in the theme, and what of it one has seen, for when one comes back. */
export function useVisiting(): void {
  const id = useThemeId();
  const came = useLastVisit().isFetched;
  const version = useThemeQuery().data?.version ?? 0;
  const { pathname } = useLocation();
  const place = pathname.split("/").slice(3).join("/");
  const now = useRef({ place, version });
  now.current = { place, version };
  useEffect(() => {
    if (!came || place === "") return;
    const timer = window.setTimeout(() => keep(id, now.current), STAYS);
    return () => window.clearTimeout(timer);
  }, [id, came, place]);
  useEffect(() => {
    if (!came) return;
    const leave = () => keep(id, now.current);
    const hide = () => {
      if (document.visibilityState === "hidden") leave();
    };
    document.addEventListener("visibilitychange", hide);
    return () => {
      document.removeEventListener("visibilitychange", hide);
      leave();
    };
  }, [id, came]);
}

/** What fails here is not worth a word: the next visit begins where the one before this ended. */
function keep(id: string, seen: { place: string; version: number }): void {
  if (seen.place === "" || seen.version === 0) return;
  api.PUT("/api/themes/{id}/visit", { params: { path: { id } }, body: seen, keepalive: true }).catch(() => undefined);
}
