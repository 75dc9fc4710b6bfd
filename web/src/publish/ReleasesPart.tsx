import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, soon, type Schemas } from "../api/client";
import { moment } from "../app/dates";
import { useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { Later } from "./Later";
import { useMay } from "../theme/May";
import { useAir } from "../theme/usePutOnAir";
import { useTheme } from "../theme/useTheme";

type Line = Schemas["ReleaseLine"];
type SceneChange = Schemas["SceneChange"];

/** The draft has no number of its own. */
const DRAFT = 0;

/** What was on air, what changed scene by scene, and back to any of it. */
export function ReleasesPart({ canvas }: { canvas: string }) {
  const theme = useTheme();
  const [picked, pick] = useState<number>();
  const releases = useQuery({
    queryKey: ["releases", theme.id, theme.onAir],
    queryFn: () => answer(api.GET("/api/themes/{id}/releases", { params: { path: { id: theme.id } } })),
    placeholderData: (old) => old,
  });
  if (!releases.data) return <Trouble query={releases} />;
  const lines = releases.data;
  const shown = picked ?? (theme.differs ? DRAFT : theme.onAir);
  // What is on air now is compared with what was before it; everything else with what is on air.
  const from = shown === theme.onAir ? (lines.find((one) => one.number < shown)?.number ?? shown) : theme.onAir;
  return (
    <div className="flex gap-4">
      <ul className="w-64 shrink-0" aria-label="Releases">
        {theme.differs && (
          <Choice chosen={shown === DRAFT} choose={() => pick(DRAFT)} title="The draft" under="not on air yet" />
        )}
        {lines.map((one) => (
          <Choice
            key={one.number}
            chosen={shown === one.number}
            choose={() => pick(one.number)}
            title={`Release ${String(one.number)}`}
            onAir={one.onAir}
            under={`${moment(one.at)}${one.by === "" ? "" : `, ${one.by}`}`}
          />
        ))}
      </ul>
      <div className="min-w-0 flex-1">
        <Compared key={shown} canvas={canvas} from={from} to={shown} line={lines.find((one) => one.number === shown)} />
      </div>
    </div>
  );
}

function Choice({
  chosen,
  choose,
  title,
  under,
  onAir = false,
}: {
  chosen: boolean;
  choose: () => void;
  title: string;
  under: string;
  onAir?: boolean;
}) {
  return (
    <li>
      <button
        className={`w-full border-l-4 px-2 py-1.5 text-left ${chosen ? "border-kelp bg-kelp-soft" : "border-transparent"}`}
        aria-pressed={chosen}
        onClick={choose}
      >
        <b>{title}</b> {onAir && <b className="text-live">on air</b>}
        <span className="block text-faint">{under}</span>
      </button>
    </li>
  );
}

function named(number: number): string {
  return number === DRAFT ? "the draft" : `release ${String(number)}`;
}

function useChange(from: number, to: number, scenes: string[]) {
  const theme = useTheme();
  const { id } = theme;
  return useQuery({
    // The draft is another one after each edit.
    queryKey: ["release-change", id, from, to, to === DRAFT ? theme.version : 0, ...scenes],
    queryFn: () =>
      answer(
        api.GET("/api/themes/{id}/releases/{number}/change", {
          params: { path: { id, number: to }, query: { from, scenes } },
        }),
      ),
    enabled: from !== to,
    placeholderData: keepPreviousData,
  });
}

function Compared({ canvas, from, to, line }: { canvas: string; from: number; to: number; line: Line | undefined }) {
  const [left, leave] = useState<string[]>([]);
  const may = useMay("OPERATOR");
  const whole = useChange(from, to, []);
  const chosen = whole.data?.scenes.map((one) => one.scene).filter((one) => !left.includes(one)) ?? [];
  const some = to === DRAFT && left.length > 0 && chosen.length > 0;
  const part = useChange(from, to, some ? chosen : []);
  const change = some ? part : whole;
  const choosing = to === DRAFT && may && from !== DRAFT && (whole.data?.scenes.length ?? 0) > 1;
  return (
    <>
      <div className="mb-2 flex items-center gap-3">
        <h2 className="font-head text-[15px] font-bold">
          {from === to
            ? "The first release: there is nothing before it to compare with."
            : `From ${named(from)} to ${named(to)}`}
        </h2>
        {line && !line.onAir && <Back number={line.number} />}
      </div>
      {to === DRAFT && may && <Later scenes={some ? chosen : []} nothing={chosen.length === 0 && left.length > 0} />}
      {choosing && (
        <fieldset className="mb-2 flex flex-wrap items-center gap-3">
          <legend className="sr-only">Scenes to put on air</legend>
          <span className="text-faint">Put on air:</span>
          {whole.data?.scenes.map((one) => (
            <label key={one.scene} className="flex items-center gap-1">
              <input
                type="checkbox"
                className="accent-kelp"
                checked={!left.includes(one.scene)}
                onChange={(event) =>
                  leave(event.target.checked ? left.filter((id) => id !== one.scene) : [...left, one.scene])
                }
              />
              {one.name}
            </label>
          ))}
        </fieldset>
      )}
      {from !== to && <Trouble query={change} />}
      {change.data?.sentences.map((one) => (
        <p key={one}>{one}</p>
      ))}
      {change.data?.scenes.length === 0 && (
        <p className="text-faint">
          {change.data.sentences.length === 0 ? "Viewers see no difference." : "No scene looks otherwise."}
        </p>
      )}
      {change.data?.scenes.map((scene) => (
        <SceneCompared key={scene.scene} change={scene} canvas={canvas} from={from} to={to} />
      ))}
    </>
  );
}

function SceneCompared({
  change,
  canvas,
  from,
  to,
}: {
  change: SceneChange;
  canvas: string;
  from: number;
  to: number;
}) {
  const { id, theme, version } = useTheme();
  const here = change.canvases.includes(canvas);
  const others = change.canvases
    .filter((one) => one !== canvas)
    .map((one) => theme.canvases.find((known) => known.id === one)?.name ?? one);
  const picture = (number: number) =>
    `/api/themes/${id}/releases/${String(number)}/scenes/${encodeURIComponent(change.scene)}/canvases/${encodeURIComponent(canvas)}/picture.png?width=480&v=${String(number === DRAFT ? version : number)}`;
  return (
    <section className="border-t border-rule py-2" aria-label={change.name}>
      <h3 className="font-bold">{change.name}</h3>
      <ul>
        {change.sentences.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      {others.length > 0 && (
        <p className="text-faint">
          {here ? "Also" : "Only"} on {others.join(", ")}.
        </p>
      )}
      {here && (
        <div className="mt-1 flex gap-2">
          {change.sort !== "ADDED" && <Seen number={from} source={picture(from)} scene={change.name} />}
          {change.sort !== "REMOVED" && <Seen number={to} source={picture(to)} scene={change.name} />}
        </div>
      )}
    </section>
  );
}

function Seen({ number, source, scene }: { number: number; source: string; scene: string }) {
  return (
    <figure className="min-w-0 flex-1">
      <img className="w-full bg-surround" src={source} alt={`${scene} in ${named(number)}`} />
      <figcaption className="text-faint">{named(number)}</figcaption>
    </figure>
  );
}

function Back({ number }: { number: number }) {
  const { id } = useTheme();
  const may = useMay("OPERATOR");
  const say = useNotices((state) => state.say);
  const [sure, setSure] = useState(false);
  const put = useAir(
    id,
    () => api.POST("/api/themes/{id}/releases/{number}/on-air", { params: { path: { id, number } }, signal: soon() }),
    () => say(`Release ${String(number)} is on air again.`),
  );
  if (!may) return null;
  return sure ? (
    <span className="ml-auto flex items-center gap-2">
      Viewers see release {number} at once; what the show says stays.
      <button className="btn btn-live" disabled={put.isPending} onClick={() => put.mutate()}>
        Put release {number} on air
      </button>
      <button className="btn" onClick={() => setSure(false)}>
        Leave it
      </button>
    </span>
  ) : (
    <button className="btn ml-auto" onClick={() => setSure(true)}>
      Back to release {number} …
    </button>
  );
}
