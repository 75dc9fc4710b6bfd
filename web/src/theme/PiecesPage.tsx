import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import type { Piece, Schemas, Theme } from "../api/client";
import { CompleteStart, FamilyChooser } from "./FamilyChooser";
import { PieceFields } from "./PieceFields";
import { Sample } from "./Sample";
import { newId, useCatalogue, useEdit, useTheme } from "./useTheme";

/** The family in the theme's own brand, and the pieces that the theme has. */
export function PiecesPage() {
  const { theme, id, version } = useTheme();
  const catalogue = useCatalogue();
  const [lacking, setLacking] = useState(false);
  const kinds = catalogue.data?.kinds.filter((kind) => !lacking || !theme.pieces.some((piece) => piece.kind === kind.id)) ?? [];
  return (
    <div className="p-4">
      <div className="mb-3 flex items-baseline gap-4">
        <h1>Pieces</h1>
      </div>
      <FamilyChooser />
      {theme.scenes.length === 0 && <CompleteStart />}
      <div className="mb-2 flex items-baseline gap-4">
        <h2>Kinds of pieces</h2>
        <label className="ml-auto flex items-center gap-2"><input type="checkbox" className="accent-kelp" checked={lacking} onChange={(e) => setLacking(e.target.checked)} />Only what this theme lacks</label>
      </div>
      {lacking && kinds.length === 0 && <p className="mb-4 text-faint">Nothing: this theme has every kind of piece.</p>}
      <ul className="mb-6 grid grid-cols-4 gap-3 xl:grid-cols-5">
        {kinds.map((kind) => (
          <li key={kind.id} className="border border-rule bg-sheet">
            <div className="weave relative h-28">
              <Sample src={`/api/themes/${id}/samples/${kind.id}.png?v=${String(version)}`} title={kind.title} />
            </div>
            <div className="flex items-center justify-between gap-2 p-2"><span className="font-head font-bold">{kind.title}</span><AddTo kind={kind} theme={theme} /></div>
          </li>
        ))}
      </ul>
      <h2 className="mb-1">In this theme</h2>
      {theme.pieces.length === 0 ? <p className="text-faint">No pieces yet. Add one above, or a whole scene on the Sheet.</p> : (
        <ul className="ruled border-y border-rule">{theme.pieces.map((piece) => <PieceLine key={piece.id} piece={piece} theme={theme} />)}</ul>
      )}
    </div>
  );
}

function AddTo({ kind, theme }: { kind: Schemas["KindView"]; theme: Theme }) {
  const edit = useEdit();
  const add = (scene: Schemas["Scene"]) => {
    const piece = newId(kind.id.toLowerCase().replace("_", "-"));
    const capture = kind.id === "FRAME" || kind.id === "FRAME_PICTURE" ? (theme.captures[0]?.id ?? "") : "";
    const back = kind.zone === "FULL";
    const shown = kind.id === "PICTURE" || kind.id === "FRAME_PICTURE";
    const first = theme.artworks.find((artwork) => kind.id === "PICTURE" || artwork.openings.openings.length > 0)?.id;
    void edit({
      edit: "batch",
      edits: [
        { edit: "addPiece", index: theme.pieces.length, piece: { id: piece, kind: kind.id, name: `${kind.title} ${String(theme.pieces.filter((p) => p.kind === kind.id).length + 1)}`, capture, texts: {}, figures: {}, inlay: shown && first ? { artwork: first, blend: "NORMAL", strength: 1, fit: "WHOLE" } : null } },
        { edit: "place", scene: scene.id, index: back ? 0 : scene.stack.length, placed: { piece, zone: kind.zone, corrections: {} } },
      ],
    } as Schemas["Batch"]);
  };
  if (theme.scenes.length === 0) return null;
  return (
    <Menu>
      <MenuButton className="btn"><Plus size={14} />Add to …</MenuButton>
      <MenuItems anchor="bottom end" className="z-20 border border-rule bg-sheet py-1 shadow">
        {theme.scenes.map((scene) => <MenuItem key={scene.id}><button className="block w-full px-3 py-1 text-left data-focus:bg-kelp-soft" onClick={() => add(scene)}>{scene.name}</button></MenuItem>)}
      </MenuItems>
    </Menu>
  );
}

function PieceLine({ piece, theme }: { piece: Piece; theme: Theme }) {
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  const on = theme.scenes.filter((scene) => scene.stack.some((placed) => placed.piece === piece.id));
  const missing = theme.scenes.filter((scene) => !on.includes(scene));
  const place = (scene: Schemas["Scene"]) => edit({ edit: "place", scene: scene.id, index: scene.stack.length, placed: { piece: piece.id, zone: piece.kind === "ANNOUNCER" ? "ALERT" : "STRIP", corrections: {} } });
  return (
    <li className="py-1.5">
      <div className="flex items-center gap-3">
        <button className="w-44 truncate text-left font-bold hover:underline" aria-expanded={open} onClick={() => setOpen(!open)}>{piece.name}</button>
        <span className="flex-1 text-faint">{on.length === 0 ? "on no scene" : `on ${on.map((scene) => scene.name).join(", ")}`}</span>
        {piece.kind === "ANNOUNCER" && missing.map((scene) => <button key={scene.id} className="btn" onClick={() => void place(scene)}><Plus size={14} />{scene.name}</button>)}
        <button className="btn" onClick={() => setOpen(!open)}>{open ? "Close" : "What it shows"}</button>
        <button className="btn px-1.5" aria-label={`Delete ${piece.name}`} onClick={() => void edit({ edit: "removePiece", piece: piece.id })}><Trash2 size={14} /></button>
      </div>
      {open && <div className="max-w-md py-2 pl-4"><PieceFields piece={piece} /></div>}
    </li>
  );
}
