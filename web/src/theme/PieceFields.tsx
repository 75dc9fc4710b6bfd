import { RotateCcw } from "lucide-react";
import { useRef } from "react";
import type { Piece, Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { ContentField } from "../content/ContentField";
import { InlayFields } from "./InlayFields";
import { SaidNow } from "../show/SaidNow";
import { useKind } from "./kinds";
import { useEdit, useTheme } from "./useTheme";

type Figure = Schemas["Figure"];

/** What a piece says, its figures and its picture. They are the piece's own: a change shows on every scene that it is on. */
export function PieceFields({ piece }: { piece: Piece }) {
  const kind = useKind(piece.kind);
  const edit = useEdit();
  if (!kind) return null;
  return (
    <div className="flex flex-col gap-2">
      <SaidNow piece={piece} />
      {kind.announces && <p className="text-faint">Its words come from the alert rules of the theme.</p>}
      {kind.fields.map((field) => (
        <ContentField
          key={`${piece.id}-${field.name}`}
          field={field}
          value={piece.content[field.name] ?? field.standard}
          own={piece.content[field.name] !== undefined}
          set={(value) => edit({ edit: "setContent", piece: piece.id, field: field.name, value })}
          drop={() => edit({ edit: "dropContent", piece: piece.id, field: field.name })}
        />
      ))}
      {kind.shares && <ShareField piece={piece} />}
      {kind.figures.map((field) => (
        <FigureField key={`${piece.id}-${field.name}`} piece={piece} field={field} />
      ))}
      {kind.laid !== "NONE" && <InlayFields piece={piece} />}
    </div>
  );
}

/** Two pieces may show one count, one agenda, one clock. */
function ShareField({ piece }: { piece: Piece }) {
  const { theme } = useTheme();
  const edit = useEdit();
  const others = theme.pieces.filter((p) => p.kind === piece.kind && p.id !== piece.id && p.share === "");
  const shown = theme.pieces.filter((p) => p.share === piece.id);
  if (shown.length > 0) return <p className="text-faint">{shown.map((p) => p.name).join(", ")} shows the same.</p>;
  if (others.length === 0) return null;
  return (
    <label className="block">
      <span className="text-faint">Shows the same as</span>
      <select
        className="field w-full"
        value={piece.share}
        onChange={(event) => void edit({ edit: "setShare", piece: piece.id, share: event.target.value })}
      >
        <option value="">nothing else; its own</option>
        {others.map((other) => (
          <option key={other.id} value={other.id}>
            {other.name}
          </option>
        ))}
      </select>
    </label>
  );
}

function FigureField({ piece, field }: { piece: Piece; field: Figure }) {
  const edit = useEdit();
  const value = piece.figures[field.name] ?? field.standard;
  const set = (next: number, gesture = "") =>
    edit({ edit: "setFigure", piece: piece.id, field: field.name, value: next }, gesture);
  const draft = useDraftText(shown(value), (text) => {
    const next = Number(text.replace(",", "."));
    return text.trim() !== "" && !Number.isNaN(next) && set(next);
  });
  if (field.choices.length > 0) {
    return (
      <label className="block">
        <span className="text-faint">{field.title}</span>
        <select
          className="field w-full"
          value={Math.round(value)}
          onChange={(event) => void set(Number(event.target.value))}
        >
          {field.choices.map((name, i) => (
            <option key={name} value={field.least + i}>
              {name}
            </option>
          ))}
        </select>
      </label>
    );
  }
  if ((field.standard === 1 || field.standard === 0) && field.most <= 3)
    return (
      <Measure
        title={field.title}
        field={field}
        value={value}
        set={set}
        drop={
          piece.figures[field.name] === undefined
            ? undefined
            : () => void edit({ edit: "dropFigure", piece: piece.id, field: field.name })
        }
      />
    );
  return (
    <label className="flex items-center gap-2">
      <span className="w-28 text-faint">{field.title}</span>
      <input className="field w-24" inputMode="decimal" {...draft} />
    </label>
  );
}

/** A measure as a share of what the family has, with a way back to it. One drag is one step to undo. */
function Measure({
  title,
  field,
  value,
  set,
  drop,
}: {
  title: string;
  field: Figure;
  value: number;
  set: (value: number, gesture: string) => Promise<boolean>;
  drop: (() => void) | undefined;
}) {
  const gesture = useRef("");
  const begin = () => {
    gesture.current = crypto.randomUUID();
  };
  return (
    <div className="flex items-end gap-2">
      <label className="flex flex-1 flex-wrap items-center gap-x-2">
        <span className="w-full text-faint">{title}</span>
        <input
          type="range"
          className="w-0 flex-1 accent-kelp"
          min={field.least * 100}
          max={field.most * 100}
          step={5}
          value={Math.round(value * 100)}
          onPointerDown={begin}
          onKeyDown={begin}
          onChange={(event) => void set(Number(event.target.value) / 100, gesture.current)}
        />
        <span className="w-12 text-right tabular-nums whitespace-nowrap">{Math.round(value * 100)} %</span>
      </label>
      <button
        className="btn px-1.5"
        aria-label={`${title} as the family has it`}
        title="As the family has it"
        disabled={!drop}
        onClick={drop}
      >
        <RotateCcw size={13} />
      </button>
    </div>
  );
}

function shown(value: number): string {
  return String(Math.round(value * 1000) / 1000);
}
