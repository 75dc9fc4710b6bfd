import { useQuery } from "@tanstack/react-query";
import { Volume2, VolumeX } from "lucide-react";
import { answer, api } from "../api/client";
import { useDeed } from "../app/useDeed";
import { useMay } from "../theme/May";
import { useTheme } from "../theme/useTheme";

/** The page looks again so often; milliseconds. */
const LOOKS = 2000;

/** In which source the show is heard, and what is in the way. @param sources that may be chosen, with their names */
export function HeardIn({ sources }: { sources?: { id: string; name: string }[] | undefined }) {
  const { show } = useTheme();
  const may = useMay("OPERATOR");
  const heard = useQuery({
    queryKey: ["heard", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/heard-in", { params: { path: { show } } })),
    refetchInterval: LOOKS,
  });
  const choose = useDeed(
    (outlet: string) =>
      answer(
        api.PUT("/api/shows/{show}/heard-in", {
          params: { path: { show } },
          body: { outlet: outlet === "" ? null : outlet },
        }),
      ),
    () => "",
    [["heard", show]],
  );
  const place = heard.data;
  if (!place) return null;
  const wrong = place.sound === "NOT_HEARD";
  const quiet = wrong || place.sound === "SILENCED" || place.sound === "NOTHING";
  return (
    <div
      className={`mb-2 flex flex-wrap items-center gap-x-2 gap-y-1 ${wrong ? "border-l-4 border-ochre bg-ochre-soft px-3 py-1" : ""}`}
      aria-label="Where the show is heard"
      role="group"
    >
      {quiet ? <VolumeX size={14} aria-hidden="true" /> : <Volume2 size={14} aria-hidden="true" />}
      <span aria-live="polite">{place.sentence}</span>
      {sources && may && (
        <label className="ml-auto flex items-center gap-1.5">
          Heard in
          <select
            className="field max-w-64"
            value={place.chosen ?? ""}
            onChange={(event) => choose.mutate(event.target.value)}
          >
            <option value="">the source that viewers see</option>
            {sources.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}
