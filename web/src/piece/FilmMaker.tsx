import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Piece, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { useTheme } from "../theme/useTheme";
import { Save } from "./TakeOut";

interface Props {
  piece: Piece;
  canvas: string;
  scene: string;
  /** 0 for its own. */
  width: number;
  seconds: number;
  webm: boolean;
}

const FORMATS: [Schemas["FilmWish"]["format"], string][] = [
  ["WEBM", "WebM, transparent"],
  ["APNG", "Animated PNG"],
  ["FRAMES", "PNG frames in a zip"],
];

/** Makes a clip of a moving piece: shows how far it is, can be cancelled, and gives the file. */
export function FilmMaker({ piece, canvas, scene, width, seconds, webm }: Props) {
  const { id } = useTheme();
  const [format, setFormat] = useState<Schemas["FilmWish"]["format"]>(webm ? "WEBM" : "APNG");
  const [rate, setRate] = useState(60);
  const [film, setFilm] = useState("");
  const begin = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/themes/{theme}/pieces/{piece}/films", {
          params: { path: { theme: id, piece: piece.id } },
          body: { format, canvas, scene, width, framesPerSecond: rate, seconds: 0 },
        }),
      ),
    onSuccess: (made) => setFilm(made.id),
    onError: sayProblem,
  });
  const state = useQuery({
    queryKey: ["film", film],
    queryFn: () => answer(api.GET("/api/films/{film}", { params: { path: { film } } })),
    enabled: film !== "",
    refetchInterval: (query) => (query.state.data && !UNDER_WAY.includes(query.state.data.state) ? false : 400),
  });
  const cancel = async () => {
    await api.DELETE("/api/films/{film}", { params: { path: { film } } });
    void state.refetch();
  };
  const made = film ? state.data : undefined;
  const busy = begin.isPending || (made !== undefined && UNDER_WAY.includes(made.state));
  return (
    <div className="mt-3 border-t border-rule pt-3">
      <div className="flex flex-wrap items-center gap-2">
        <select
          aria-label="Kind of clip"
          className="field"
          value={format}
          onChange={(e) => setFormat(e.target.value as Schemas["FilmWish"]["format"])}
        >
          {FORMATS.map(([value, title]) => (
            <option key={value} value={value} disabled={value === "WEBM" && !webm}>
              {title}
            </option>
          ))}
        </select>
        <select
          aria-label="Frame rate"
          className="field"
          value={rate}
          onChange={(e) => setRate(Number(e.target.value))}
        >
          {[30, 60].map((fps) => (
            <option key={fps} value={fps}>{`${String(fps)} a second`}</option>
          ))}
        </select>
        <button
          className="btn btn-main"
          disabled={busy}
          onClick={() => begin.mutate()}
        >{`Make a clip of ${seconds.toFixed(1)} s`}</button>
      </div>
      {!webm && (
        <p className="mt-1 text-faint">
          WebM needs the program ffmpeg on the server. Frames and animated PNG work without it.
        </p>
      )}
      {made && busy && (
        <div className="mt-2 flex items-center gap-2">
          <progress className="flex-1 accent-kelp" max={made.frames} value={made.done} aria-label="Frames made" />
          <span className="tabular-nums">
            {made.state === "WAITING" ? "waiting" : `${String(made.done)} of ${String(made.frames)}`}
          </span>
          <button className="btn" onClick={() => void cancel()}>
            Cancel
          </button>
        </div>
      )}
      {made?.state === "DONE" && (
        <p className="mt-2 flex items-center gap-2">
          <Save href={`/api/films/${made.id}/file`}>{made.fileName}</Save>
          <span className="text-faint">{(made.bytes / 1e6).toFixed(1)} MB</span>
        </p>
      )}
      {made?.state === "FAILED" && <p className="mt-2 text-ochre">{made.message}</p>}
      {made?.state === "CANCELLED" && <p className="mt-2 text-faint">Cancelled; nothing was kept.</p>}
      {state.isError && <p className="mt-2 text-ochre">This clip is no longer there; make it again.</p>}
    </div>
  );
}

const UNDER_WAY: Schemas["FilmView"]["state"][] = ["WAITING", "RUNNING"];
