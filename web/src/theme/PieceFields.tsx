import type { Piece, Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { InlayFields } from "./InlayFields";
import { useCatalogue, useEdit } from "./useTheme";

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
      <InlayFields piece={piece} />
      {kind.texts.length > 0 && (
        <details className="text-faint">
          <summary>Live values for texts</summary>
          <ul>{catalogue.data?.readings.map((reading) => <li key={reading.name}><code>{`{${reading.name}}`}</code> {reading.meaning}</li>)}</ul>
        </details>
      )}
    </div>
  );
}

function TextField({ piece, field }: { piece: Piece; field: Schemas["KindText"] }) {
  const edit = useEdit();
  const value = piece.texts[field.name] ?? field.standard;
  const draft = useDraftText(value, (text) => edit({ edit: "setText", piece: piece.id, field: field.name, value: text }));
  return (
    <label className="block">
      <span className="text-faint">{field.title}</span>
      <input className="field w-full" maxLength={400} {...draft} />
    </label>
  );
}

function FigureField({ piece, field }: { piece: Piece; field: Schemas["KindFigure"] }) {
  const edit = useEdit();
  const value = piece.figures[field.name] ?? field.standard;
  const draft = useDraftText(shown(value), (text) => {
    const next = Number(text.replace(",", "."));
    return text.trim() !== "" && !Number.isNaN(next) && edit({ edit: "setFigure", piece: piece.id, field: field.name, value: next });
  });
  if (field.name === "moving") {
    return (
      <label className="flex items-center gap-2">
        <input type="checkbox" className="accent-kelp" checked={value >= 0.5} onChange={(e) => void edit({ edit: "setFigure", piece: piece.id, field: field.name, value: e.target.checked ? 1 : 0 })} />
        Moving <span className="text-faint">(still costs less)</span>
      </label>
    );
  }
  return (
    <label className="block">
      <span className="text-faint">{field.title}</span>
      <input className="field w-24" inputMode="decimal" {...draft} />
    </label>
  );
}

function shown(value: number): string {
  return String(Math.round(value * 1000) / 1000);
}
