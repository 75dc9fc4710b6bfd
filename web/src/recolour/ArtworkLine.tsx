import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import type { RoleName } from "../colour/useColours";
import { useChoices } from "../theme/titles";
import { inTurn, useEdit, useThemeId } from "../theme/useTheme";
import { OpeningsEditor } from "./OpeningsEditor";
import { ProvenanceFields } from "./ProvenanceFields";

type View = Schemas["ArtworkView"];

const METHODS: Record<View["artwork"]["recolouring"]["method"], string> = {
  SHIFT: "colour by colour",
  FILTER: "filter as it plays",
  TINT: "tint",
};
/** Differences below this cannot be seen side by side (common practice, no source). */
const SEEN = 2;
const PREVIEW = 360;
const KEPT = "kept";

/** One picture: before, after, and each main colour with the role it goes to and how near it comes. */
export function ArtworkLine({ view }: { view: View }) {
  const { artwork } = view;
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  const set = (recolouring: Schemas["Recolouring"]) =>
    void edit({ edit: "setRecolouring", artwork: artwork.id, recolouring });
  const changed = JSON.stringify(artwork.recolouring) !== JSON.stringify(view.proposed);
  return (
    <li className="border-t border-rule py-2" data-artwork={artwork.name}>
      <div className="grid grid-cols-[110px_110px_minmax(0,1fr)] gap-3 xl:grid-cols-[170px_170px_minmax(0,1fr)]">
        <Preview view={view} side="before" />
        <Preview view={view} side="after" />
        <div className="min-w-0">
          <div className="flex items-center gap-2">
            <span className="truncate font-bold" title={artwork.name}>
              {artwork.name}
            </span>
            <span className="shrink-0 text-faint">
              {artwork.width} × {artwork.height}
              {artwork.moving && ", moving"}
            </span>
            <button
              className={`ml-auto shrink-0 underline ${view.lacking.length > 0 ? "text-ochre" : "text-faint"}`}
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            >
              {view.lacking.length > 0 ? `No ${view.lacking.join(", ")} given` : "Origin and licence"}
            </button>
            <button
              className="btn px-1.5"
              aria-label={`Remove ${artwork.name}`}
              onClick={() => void edit({ edit: "removeArtwork", artwork: artwork.id })}
            >
              <Trash2 size={14} />
            </button>
          </div>
          <Targets view={view} set={set} />
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <select
              className="field w-40"
              aria-label={`Method for ${artwork.name}`}
              value={artwork.recolouring.method}
              onChange={(e) =>
                set({ ...artwork.recolouring, method: e.target.value as Schemas["Recolouring"]["method"] })
              }
            >
              {Object.entries(METHODS).map(([method, name]) => (
                <option key={method} value={method}>
                  {name}
                </option>
              ))}
            </select>
            {changed ? (
              <button className="underline" onClick={() => set(view.proposed)}>
                Back to the proposal
              </button>
            ) : (
              <span className="text-faint">{view.reason}</span>
            )}
          </div>
          <FoundOpenings view={view} />
          {open && (
            <ProvenanceFields
              provenance={artwork.provenance}
              columns={3}
              set={(provenance) => edit({ edit: "setProvenance", artwork: artwork.id, provenance })}
            />
          )}
        </div>
      </div>
    </li>
  );
}

const CONTOURS: Record<Schemas["FoundOpening"]["outline"], string> = {
  RECTANGLE: "rectangle",
  ROUNDED: "round corners",
  CUT_CORNERS: "cut corners",
  ELLIPSE: "ellipse",
  HEXAGON: "hexagon",
  DIAMOND: "diamond",
  SLANTED: "slanted",
  IRREGULAR: "irregular",
};

/** Farther off than this, naming a common aspect says nothing. */
const FAR_OFF = 0.05;

/** Where captures show through it, and what is particular about that; of pictures that are no frames only the way to draw one. */
function FoundOpenings({ view: { artwork, notes } }: { view: View }) {
  const [drawing, setDrawing] = useState(false);
  const { openings, drawn } = artwork;
  const none = openings.openings.length === 0 && drawn === null;
  return (
    <div className="mt-1 text-faint">
      {drawn === null ? (
        openings.openings.map((found, i) => (
          <span key={i}>
            {i === 0 ? "Opening " : "; "}
            {found.box.width} × {found.box.height} at {found.box.x}, {found.box.y}: {CONTOURS[found.outline]}
            {found.corner >= 1 && ` of ${String(Math.round(found.corner))} px`}, {aspect(found)}
          </span>
        ))
      ) : (
        <span>
          {drawn.length === 0 ? "No opening" : drawn.length === 1 ? "One opening" : `${String(drawn.length)} openings`},
          drawn by hand
        </span>
      )}
      {!none && ". "}
      <button className="underline" onClick={() => setDrawing(true)}>
        {none ? "Draw an opening" : "Correct by hand"}
      </button>
      {openings.key !== null && drawn === null && !artwork.moving && artwork.type !== "image/svg+xml" && (
        <KeyRemoval artwork={artwork} />
      )}
      {!none &&
        drawn === null &&
        notes.map((note) => (
          <p key={note} className={openings.key === null ? "text-faint" : "text-ochre"}>
            {note}
          </p>
        ))}
      {drawing && <OpeningsEditor artwork={artwork} notes={notes} close={() => setDrawing(false)} />}
    </div>
  );
}

function KeyRemoval({ artwork }: { artwork: View["artwork"] }) {
  const id = useThemeId();
  const queries = useQueryClient();
  const remove = useMutation({
    mutationFn: () =>
      inTurn(() =>
        answer(
          api.POST("/api/themes/{theme}/artworks/{id}/key-removal", {
            params: { path: { theme: id, id: artwork.id } },
          }),
        ),
      ),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["theme", id] }),
        queries.invalidateQueries({ queryKey: ["artworks", id] }),
      ]),
    onError: sayProblem,
  });
  return (
    <button className="btn ml-2" disabled={remove.isPending} onClick={() => remove.mutate()}>
      {remove.isPending ? "Removing…" : `Remove ${artwork.openings.key ?? ""}`}
    </button>
  );
}

function aspect(found: Schemas["FoundOpening"]): string {
  const name = found.aspect.replace(/^A/, "").replace("_", ":");
  if (found.aspectOff > FAR_OFF) return `${(found.box.width / found.box.height).toFixed(2)} : 1`;
  return found.aspectOff < 0.005 ? name : `nearly ${name} (${(found.aspectOff * 100).toFixed(1)} % off)`;
}

function Preview({ view, side }: { view: View; side: "before" | "after" }) {
  const id = useThemeId();
  const [failed, setFailed] = useState("");
  const state = side === "after" ? `&state=${view.state}` : "";
  const src = `/api/themes/${id}/artworks/${view.artwork.id}/${side}?width=${String(PREVIEW)}${state}`;
  return (
    <div className="weave relative h-28">
      {failed === src ? (
        <span className="absolute inset-0 m-auto size-fit bg-sheet px-1.5">not to be had</span>
      ) : (
        <img
          src={src}
          alt={`${view.artwork.name}, ${side}`}
          className="absolute inset-0 size-full object-contain p-1"
          style={side === "after" && view.filter ? { filter: view.filter } : {}}
          onError={() => setFailed(src)}
        />
      )}
      <span className="absolute left-0 top-0 bg-sheet px-1 text-[11.5px] text-faint">{side}</span>
    </div>
  );
}

function Targets({ view, set }: { view: View; set: (recolouring: Schemas["Recolouring"]) => void }) {
  const { roles } = useChoices();
  const { artwork } = view;
  const { recolouring } = artwork;
  if (artwork.clusters.length === 0) return <p className="text-faint">Nothing is painted in it.</p>;
  const choose = (cluster: number, role: string) => {
    const roles = Object.fromEntries(
      Object.entries(recolouring.roles).filter(([key]) => key !== String(cluster)),
    ) as Record<string, RoleName>;
    const kept = recolouring.kept.filter((one) => one !== cluster);
    if (role === KEPT) kept.push(cluster);
    else if (role !== "") roles[String(cluster)] = role as RoleName;
    set({ ...recolouring, roles, kept });
  };
  return (
    <ul className="mt-1 flex flex-col gap-0.5">
      {artwork.clusters.map((cluster, i) => {
        const landing = view.landings.find((one) => one.cluster === i);
        return (
          <li
            key={i}
            className="grid grid-cols-[26px_40px_minmax(80px,140px)_minmax(24px,62px)_minmax(0,1fr)] items-center gap-2"
          >
            <span className="h-5 border border-rule" style={{ background: cluster.colour }} title={cluster.colour} />
            <span className="text-right">{Math.round(cluster.share * 100)} %</span>
            <select
              className="field h-6 py-0"
              aria-label={`Role of colour ${String(i + 1)} of ${artwork.name}`}
              value={recolouring.roles[String(i)] ?? (recolouring.kept.includes(i) ? KEPT : "")}
              onChange={(e) => choose(i, e.target.value)}
            >
              <option value="">follows</option>
              <option value={KEPT}>stays</option>
              {roles.map(({ id: role, title }) => (
                <option key={role} value={role}>
                  {title}
                </option>
              ))}
            </select>
            {landing ? (
              <span
                className="flex h-5 border border-rule"
                title={`reached ${landing.result}, wanted ${landing.target}`}
              >
                <span className="flex-1" style={{ background: landing.result }} />
                <span className="flex-1" style={{ background: landing.target }} />
              </span>
            ) : (
              <span />
            )}
            {landing && (
              <span className={landing.difference > SEEN ? "font-bold text-ochre" : "text-faint"}>
                {landing.difference.toFixed(1)} off
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
