import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { useTheme } from "../theme/useTheme";

export type Sound = Schemas["SoundView"];

/** What alerts of the theme may play: its own sounds first, then those that come along. */
export function useSounds() {
  const { id, theme } = useTheme();
  return useQuery({
    queryKey: ["sounds", id, theme.sounds],
    queryFn: () => answer(api.GET("/api/themes/{theme}/sounds", { params: { path: { theme: id } } })),
    placeholderData: (old) => old,
  });
}

/** A figure with its sign, as levels are written. */
export function signed(value: number, digits = 0): string {
  const shown = Math.abs(value).toFixed(digits);
  return Number(shown) === 0 ? shown : `${value < 0 ? "−" : "+"}${shown}`;
}
