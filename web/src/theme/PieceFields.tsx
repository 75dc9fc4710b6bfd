import { RotateCcw } from "lucide-react";
import { useRef } from "react";
import type { Piece, Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { InlayFields } from "./InlayFields";
import { MessageField } from "./MessageField";
import { useCatalogue, useEdit } from "./useTheme";

/** They have nothing that a picture could be laid into. */
const WITHOUT_GROUND: Piece["kind"][] = ["TRANSITION", "RULE", "CORNERS", "PULSE", "METER"];

/** The texts, figures and picture of a piece. They are the piece's own: a change shows on every scene that it is on. */
export function PieceFields({ piece }: { piece: Piece }) {
  const catalogue = useCatalogue();
  const kind = catalogue.data?.kinds.find((k) => k.id === piece.kind);
  if (!kind) return null;
  return (
    <div className="flex flex-col gap-2">
      {piece.kind === "ANNOUNCER" && <p className="text-faint">Its words come from the alert rules of the theme.</p>}
      {kind.texts.map((field) => <TextField key={`${piece.id}-${field.name}`} piece={piece} field={field} />)}
      {kind.figures.map((field) => <FigureField key={`${piece.id}-${field.name}`} piece={piece} field={field} />)}
      {!WITHOUT_GROUND.includes(piece.kind) && <InlayFields piece={piece} />}
    </div>
  );
}

function TextField({ piece, field }: { piece: Piece; field: Schemas["KindText"] }) {
  const edit = useEdit();
  return <MessageField field={field} value={piece.texts[field.name] ?? field.standard} set={(text) => edit({ edit: "setText", piece: piece.id, field: field.name, value: text })} />;
}

function FigureField({ piece, field }: { piece: Piece; field: Schemas["KindFigure"] }) {
  const edit = useEdit();
  const value = piece.figures[field.name] ?? field.standard;
  const set = (next: number, gesture = "") => edit({ edit: "setFigure", piece: piece.id, field: field.name, value: next }, gesture);
  const draft = useDraftText(shown(value), (text) => {
    const next = Number(text.replace(",", "."));
    return text.trim() !== "" && !Number.isNaN(next) && set(next);
  });
  if (field.choices.length > 0) {
    return (
      <label className="block">
        <span className="text-faint">{field.title}</span>
        <select className="field w-full" value={Math.round(value)} onChange={(event) => void set(Number(event.target.value))}>
          {field.choices.map((name, i) => <option key={name} value={field.least + i}>{name}</option>)}
        </select>
      </label>
    );
  }
  if (field.choices.length === 0 && (field.standard === 1 || field.standard === 0) && field.most <= 3) return <Measure title={field.title} field={field} value={value} set={set} drop={piece.figures[field.name] === undefined ? undefined : () => void edit({ edit: "dropFigure", piece: piece.id, field: field.name })} />;
  return (
    <label className="flex items-center gap-2">
      <span className="w-28 text-faint">{field.title}</span>
      <input className="field w-24" inputMode="decimal" {...draft} />
    </label>
  );
}

/** A measure as a share of what the family has, with a way back to it. One drag is one step to undo. */
function Measure({ title, field, value, set, drop }: { title: string; field: Schemas["KindFigure"]; value: number; set: (value: number, gesture: string) => Promise<boolean>; drop: (() => void) | undefined }) {
  const gesture = useRef("");
  const begin = () => { gesture.current = crypto.randomUUID(); };
  return (
    <div className="flex items-end gap-2">
      <label className="flex flex-1 flex-wrap items-center gap-x-2">
        <span className="w-full text-faint">{title}</span>
        <input type="range" className="w-0 flex-1 accent-kelp" min={field.least * 100} max={field.most * 100} step={5} value={Math.round(value * 100)} onPointerDown={begin} onKeyDown={begin}
          onChange={(event) => void set(Number(event.target.value) / 100, gesture.current)} />
        <span className="w-12 text-right tabular-nums whitespace-nowrap">{Math.round(value * 100)} %</span>
      </label>
      <button className="btn px-1.5" aria-label={`${title} as the family has it`} title="As the family has it" disabled={!drop} onClick={drop}><RotateCcw size={13} /></button>
    </div>
  );
}

function shown(value: number): string {
  return String(Math.round(value * 1000) / 1000);
}
