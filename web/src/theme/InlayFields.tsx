import { useRef } from "react";
import { Link } from "react-router";
import type { Piece, Schemas } from "../api/client";
import { useArtworks } from "../recolour/useArtworks";
import { useKind } from "./kinds";
import { useChoices } from "./titles";
import { useEdit, useTheme } from "./useTheme";

type Inlay = Schemas["Inlay"];

const FITS: [Inlay["fit"], string][] = [
  ["COVER", "covers"],
  ["WHOLE", "whole"],
  ["STRETCH", "stretched"],
];

/** The ready-made picture laid into a piece: which, how it blends with the ground, how strongly, how it fits. */
export function InlayFields({ piece }: { piece: Piece }) {
  const { id } = useTheme();
  const edit = useEdit();
  const { blends } = useChoices();
  const artworks = useArtworks();
  const inlay = piece.inlay;
  const laid = useKind(piece.kind)?.laid;
  const alone = laid === "ALONE" || laid === "FRAME";
  const swarm = laid === "EACH";
  const openings =
    laid === "FRAME"
      ? artworks.data?.find(({ artwork }) => artwork.id === inlay?.artwork)?.artwork.openings
      : undefined;
  if (artworks.data?.length === 0) {
    return (
      <p className="text-faint">
        {alone ? "This theme has no ready-made picture to show yet. " : "A ready-made picture can be laid into it. "}
        <Link className="underline" to={`/themes/${id}/brand/pictures`}>
          Add pictures
        </Link>
      </p>
    );
  }
  const set = (next: Inlay, gesture = "") => void edit({ edit: "setInlay", piece: piece.id, inlay: next }, gesture);
  const choose = (artwork: string) => {
    if (artwork === "") void edit({ edit: "dropInlay", piece: piece.id });
    else
      set(
        inlay
          ? { ...inlay, artwork }
          : {
              artwork,
              blend: alone ? "NORMAL" : "SOFT_LIGHT",
              strength: alone ? 1 : 0.5,
              fit: alone ? "WHOLE" : "COVER",
            },
      );
  };
  return (
    <fieldset className="flex flex-col gap-2">
      <label className="block">
        <span className="text-faint">{swarm ? "Picture instead of a shape" : "Picture laid into it"}</span>
        <select className="field w-full" value={inlay?.artwork ?? ""} onChange={(event) => choose(event.target.value)}>
          <option value="">none</option>
          {artworks.data?.map(({ artwork }) => (
            <option key={artwork.id} value={artwork.id}>
              {artwork.name}
            </option>
          ))}
        </select>
      </label>
      {openings?.openings.length === 0 && (
        <p role="alert" className="text-ochre">
          {openings.reason}
        </p>
      )}
      {openings && openings.openings.length > 1 && (
        <p className="text-faint">
          It has {openings.openings.length} openings; the largest shows its capture, the others the next captures of the
          theme.
        </p>
      )}
      {inlay && !swarm && (
        <>
          <div className="flex gap-2">
            <label className="block flex-1">
              <span className="text-faint">Blend mode</span>
              <Choice
                value={inlay.blend}
                among={blends.map(({ id, title }): [Inlay["blend"], string] => [id, title])}
                onChoose={(blend) => set({ ...inlay, blend })}
              />
            </label>
            <label className="block flex-1">
              <span className="text-faint">Fit</span>
              <Choice value={inlay.fit} among={FITS} onChoose={(fit) => set({ ...inlay, fit })} />
            </label>
          </div>
          <Strength inlay={inlay} set={set} />
        </>
      )}
    </fieldset>
  );
}

function Choice<T extends string>({
  value,
  among,
  onChoose,
}: {
  value: T;
  among: [T, string][];
  onChoose: (value: T) => void;
}) {
  return (
    <select className="field w-full" value={value} onChange={(event) => onChoose(event.target.value as T)}>
      {among.map(([id, title]) => (
        <option key={id} value={id}>
          {title}
        </option>
      ))}
    </select>
  );
}

/** One drag is one step to undo. */
function Strength({ inlay, set }: { inlay: Inlay; set: (inlay: Inlay, gesture: string) => void }) {
  const gesture = useRef("");
  const begin = () => {
    gesture.current = crypto.randomUUID();
  };
  return (
    <label className="flex items-center gap-2">
      <span className="text-faint">Opacity</span>
      <input
        type="range"
        className="flex-1 accent-kelp"
        min={0}
        max={100}
        value={Math.round(inlay.strength * 100)}
        onPointerDown={begin}
        onKeyDown={begin}
        onChange={(event) => set({ ...inlay, strength: Number(event.target.value) / 100 }, gesture.current)}
      />
      <span className="w-12 text-right tabular-nums whitespace-nowrap">{Math.round(inlay.strength * 100)} %</span>
    </label>
  );
}
