import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useCalm } from "../app/useCalm";
import { PieceStage } from "../piece/PieceStage";

interface Props {
  theme: string;
  kind: Schemas["KindView"]["id"];
  title: string;
  /** A name of the theme's look; another one draws it anew. */
  look: string;
  /** Another family than the theme's. */
  family?: string;
  /** Whether somebody points at it or has the focus on it: then it moves. */
  over: boolean;
}

/** A kind of piece in the theme's brand: a picture that the server draws, and the piece itself in motion while it is pointed at. */
export function Sample({ theme, kind, title, look, family = "", over }: Props) {
  const [state, setState] = useState<"drawing" | "drawn" | "failed">("drawing");
  const calm = useCalm();
  const moving = over && !calm;
  const preview = useQuery({
    queryKey: ["sample", theme, kind, family, look],
    queryFn: () =>
      answer(
        api.GET("/api/themes/{theme}/samples/{kind}/preview", { params: { path: { theme, kind }, query: { family } } }),
      ),
    enabled: moving,
    staleTime: 0,
    gcTime: 0,
  });
  const millis = preview.data?.millis ?? 0;
  const again = preview.refetch;
  useEffect(() => {
    if (!moving || millis === 0) return;
    // What ends is shown again after a breath.
    const timer = window.setTimeout(() => void again(), millis + 900);
    return () => window.clearTimeout(timer);
  }, [moving, millis, again, preview.dataUpdatedAt]);
  const played = moving && preview.data;
  return (
    <>
      {state !== "drawn" && (
        <span className="absolute inset-0 m-auto size-fit bg-sheet px-1.5">
          {state === "drawing" ? "Drawing …" : "This picture did not come; reload the page."}
        </span>
      )}
      <img
        src={`/api/themes/${theme}/samples/${kind}.png?family=${family}&v=${look}`}
        alt={`${title} in this brand`}
        loading="lazy"
        className={`absolute inset-0 size-full object-scale-down p-1 ${played ? "invisible" : ""}`}
        onLoad={() => setState("drawn")}
        onError={() => setState("failed")}
      />
      {played && <PieceStage preview={preview.data} moving />}
    </>
  );
}
