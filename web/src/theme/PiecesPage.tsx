import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import type { Piece, Schemas, Theme } from "../api/client";
import { usePointed } from "../app/usePointed";
import { CompleteStart, FamilyChooser } from "./FamilyChooser";
import { Sample } from "./Sample";
import { useKind, type Kind } from "./kinds";
import { inZone, newId, useCatalogue, useEdit, useTheme, useLook } from "./useTheme";
import { May, useMay } from "./May";

const GROUPS: [Kind["group"] | "ALL", string][] = [
  ["ALL", "All"],
  ["FRAMES", "Frames"],
  ["SCREENS", "Screens"],
  ["WIDGETS", "Widgets"],
  ["ORNAMENTS", "Ornaments"],
  ["FILES", "Clips and pages"],
];

/** The family in the theme's own brand, the kinds that there are, and the pieces that the theme has. */
export function PiecesPage() {
  const { theme } = useTheme();
  const catalogue = useCatalogue();
  const may = useMay();
  const [lacking, setLacking] = useState(false);
  const [group, setGroup] = useState<Kind["group"] | "ALL">("ALL");
  const kinds =
    catalogue.data?.kinds.filter(
      (kind) =>
        (group === "ALL" || kind.group === group) &&
        (!lacking || !theme.pieces.some((piece) => piece.kind === kind.id)),
    ) ?? [];
  return (
    <div className="p-4">
      <h1 className="mb-3">Pieces</h1>
      <May>
        <FamilyChooser />
      </May>
      {theme.scenes.length === 0 && may && <CompleteStart />}
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2>Kinds of pieces</h2>
        <div role="radiogroup" aria-label="Which kinds" className="flex">
          {GROUPS.map(([id, title]) => (
            <button
              key={id}
              role="radio"
              aria-checked={group === id}
              className={`btn -ml-px rounded-none ${group === id ? "border-kelp bg-kelp-soft font-bold" : ""}`}
              onClick={() => setGroup(id)}
            >
              {title}
            </button>
          ))}
        </div>
        <label className="ml-auto flex items-center gap-2">
          <input
            type="checkbox"
            className="accent-kelp"
            checked={lacking}
            onChange={(e) => setLacking(e.target.checked)}
          />
          Only what this theme lacks
        </label>
      </div>
      {catalogue.isSuccess && kinds.length === 0 && (
        <p className="mb-4 text-faint">Nothing: this theme has every one of these.</p>
      )}
      <ul className="mb-6 grid grid-cols-4 gap-3 xl:grid-cols-5">
        {kinds.map((kind) => (
          <KindCard key={kind.id} kind={kind} />
        ))}
      </ul>
      <h2 className="mb-1">In this theme</h2>
      {theme.pieces.length === 0 ? (
        <p className="text-faint">No pieces yet. Add one above, or a whole scene on the Sheet.</p>
      ) : (
        <ul className="ruled border-y border-rule">
          {theme.pieces.map((piece) => (
            <PieceLine key={piece.id} piece={piece} theme={theme} />
          ))}
        </ul>
      )}
    </div>
  );
}

function KindCard({ kind }: { kind: Kind }) {
  const { theme, id } = useTheme();
  const look = useLook();
  const { pointed, listeners } = usePointed();
  return (
    <li className="border border-rule bg-sheet" {...listeners}>
      <div className="weave relative h-28">
        <Sample theme={id} kind={kind.id} look={look} title={kind.title} over={pointed} />
      </div>
      <div className="flex items-center justify-between gap-2 p-2">
        <span className="font-head font-bold">{kind.title}</span>
        <May>
          {kind.group === "FILES" ? <MakeOne kind={kind} theme={theme} id={id} /> : <AddTo kind={kind} theme={theme} />}
        </May>
      </div>
    </li>
  );
}

function blank(kind: Kind, theme: Theme): Piece {
  const shown = kind.laid === "ALONE" || kind.laid === "FRAME";
  const first = theme.artworks.find((artwork) => kind.laid === "ALONE" || artwork.openings.openings.length > 0)?.id;
  return {
    id: newId(kind.id.toLowerCase().replace("_", "-")),
    kind: kind.id,
    name: `${kind.title} ${String(theme.pieces.filter((p) => p.kind === kind.id).length + 1)}`,
    captures: kind.group === "FRAMES" && theme.captures[0] ? [theme.captures[0].id] : [],
    mustShow: false,
    handsOff: false,
    share: "",
    content: {},
    figures: {},
    inlay: shown && first ? { artwork: first, blend: "NORMAL", strength: 1, fit: "WHOLE" } : null,
  };
}

/** For what stands on no scene: made, and opened to be tuned and taken out. */
function MakeOne({ kind, theme, id }: { kind: Kind; theme: Theme; id: string }) {
  const edit = useEdit();
  const navigate = useNavigate();
  const make = async () => {
    const piece = blank(kind, theme);
    if (await edit({ edit: "addPiece", index: theme.pieces.length, piece }))
      void navigate(`/themes/${id}/pieces/${piece.id}`);
  };
  return (
    <button className="btn" onClick={() => void make()}>
      <Plus size={14} />
      Make one
    </button>
  );
}

function AddTo({ kind, theme }: { kind: Kind; theme: Theme }) {
  const edit = useEdit();
  const add = (scene: Schemas["Scene"]) => {
    const piece = blank(kind, theme);
    void edit({
      edit: "batch",
      edits: [
        { edit: "addPiece", index: theme.pieces.length, piece },
        {
          edit: "place",
          scene: scene.id,
          index: kind.ground ? 0 : scene.stack.length,
          placed: inZone(piece.id, kind.zone),
        },
      ],
    } as Schemas["Batch"]);
  };
  if (theme.scenes.length === 0) return null;
  return (
    <Menu>
      <MenuButton className="btn">
        <Plus size={14} />
        Add to …
      </MenuButton>
      <MenuItems anchor="bottom end" className="z-20 border border-rule bg-sheet py-1 shadow">
        {theme.scenes.map((scene) => (
          <MenuItem key={scene.id}>
            <button className="block w-full px-3 py-1 text-left data-focus:bg-kelp-soft" onClick={() => add(scene)}>
              {scene.name}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}

function PieceLine({ piece, theme }: { piece: Piece; theme: Theme }) {
  const { id } = useTheme();
  const edit = useEdit();
  const kind = useKind(piece.kind);
  const apart = kind?.apart;
  const may = useMay();
  const on = theme.scenes.filter((scene) => scene.stack.some((placed) => placed.piece === piece.id));
  const missing = theme.scenes.filter((scene) => !on.includes(scene));
  const zone = kind?.zone ?? "FULL";
  const place = (scene: Schemas["Scene"]) =>
    edit({ edit: "place", scene: scene.id, index: scene.stack.length, placed: inZone(piece.id, zone) });
  const where = apart
    ? "taken out as files"
    : on.length === 0
      ? "on no scene"
      : `on ${on.map((scene) => scene.name).join(", ")}`;
  return (
    <li className="flex items-center gap-3 py-1.5">
      <Link className="w-44 truncate font-bold hover:underline" to={`/themes/${id}/pieces/${piece.id}`}>
        {piece.name}
      </Link>
      <span className="flex-1 text-faint">{where}</span>
      {kind?.announces &&
        may &&
        missing.map((scene) => (
          <button key={scene.id} className="btn" onClick={() => void place(scene)}>
            <Plus size={14} />
            {scene.name}
          </button>
        ))}
      <Link className="btn" to={`/themes/${id}/pieces/${piece.id}`}>
        {may ? "Edit and export" : "Look and export"}
      </Link>
      {may && (
        <button
          className="btn px-1.5"
          aria-label={`Delete ${piece.name}`}
          onClick={() => void edit({ edit: "removePiece", piece: piece.id })}
        >
          <Trash2 size={14} />
        </button>
      )}
    </li>
  );
}
