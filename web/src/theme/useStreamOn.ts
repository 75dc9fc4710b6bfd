import { useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas, type ThemeView } from "../api/client";
import { useDeed } from "../app/useDeed";

/** Makes a theme for another channel, while it was never on air. @param said in words; empty for nothing */
export function useStreamOn(theme: ThemeView, said: (view: ThemeView) => string) {
  const queries = useQueryClient();
  return useDeed(
    (wish: Schemas["ChannelWish"]) =>
      answer(api.PUT("/api/themes/{id}/channel", { params: { path: { id: theme.id } }, body: wish })),
    (view) => {
      queries.setQueryData(["theme", theme.id], view);
      return said(view);
    },
    [["channels"], ["inlet"], ["shelf"]],
  );
}

/** The wish for a channel that there is. */
export function toChannel(channel: string): Schemas["ChannelWish"] {
  return { channel, platform: null, name: "" };
}
