import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { useThemeId } from "../theme/useTheme";

/** The theme's ready-made pictures with how near each comes to the brand; worst match first. */
export function useArtworks() {
  const id = useThemeId();
  return useQuery({
    queryKey: ["artworks", id],
    queryFn: () => answer(api.GET("/api/themes/{theme}/artworks", { params: { path: { theme: id } } })),
    placeholderData: (old) => old,
  });
}
