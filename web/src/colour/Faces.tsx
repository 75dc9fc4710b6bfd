import { useQueryClient } from "@tanstack/react-query";
import { FileUp, X } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { sendFile, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { loadOwnFace } from "../painter/ownFaces";
import { ProvenanceFields } from "../recolour/ProvenanceFields";
import { useCatalogue, useEdit, useTheme } from "../theme/useTheme";

interface Option {
  id: string;
  name: string;
  character: string;
  family: string;
}

const OWN = "file-";

/** The faces that a theme may use: those that ship, and its own. */
export function useFaces(): Option[] {
  const { faces } = useTheme().theme;
  const catalogue = useCatalogue();
  const own = faces.map((own) => ({
    id: own.face,
    name: own.title,
    character: "own",
    family: `Brandeon own ${own.face.slice(OWN.length)}`,
  }));
  const ids = own.map((face) => face.id).join();
  useEffect(
    () =>
      ids
        .split(",")
        .filter(Boolean)
        .forEach((id) => loadOwnFace(`Brandeon own ${id.slice(OWN.length)}`, id.slice(OWN.length))),
    [ids],
  );
  return [
    ...(catalogue.data?.faces.map((face) => ({
      id: face.id,
      name: face.title,
      character: face.character,
      family: face.family,
    })) ?? []),
    ...own,
  ];
}

export function Faces() {
  const { theme } = useTheme();
  const { brand } = theme;
  const faces = useFaces();
  const edit = useEdit();
  const uses: ["HEADING" | "TEXT" | "FIGURES", string, string][] = [
    ["HEADING", "Headings", brand.heading],
    ["TEXT", "Text", brand.text],
    ["FIGURES", "Figures", brand.figures],
  ];
  return (
    <div className="mb-4">
      <h2 className="mb-1">Fonts</h2>
      {uses.map(([use, label, face]) => (
        <label key={use} className="mb-1.5 grid grid-cols-[62px_minmax(0,1fr)] items-center">
          {label}
          <select
            className="field min-w-0"
            value={face}
            style={{ fontFamily: `"${faces.find((f) => f.id === face)?.family ?? ""}"` }}
            onChange={(e) => void edit({ edit: "setFace", use, face: e.target.value })}
          >
            {faces.map((option) => (
              <option key={option.id} value={option.id} style={{ fontFamily: `"${option.family}"` }}>
                {option.name}
                {option.id === face ? "" : ` (${option.character})`}
              </option>
            ))}
          </select>
        </label>
      ))}
      {theme.faces.map((own) => (
        <OwnFace key={own.face} own={own} />
      ))}
      <AddFace />
    </div>
  );
}

function OwnFace({ own }: { own: Schemas["OwnFace"] }) {
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  const { origin, licence, credit } = own.provenance;
  const lacking = [origin, licence, credit].some((text) => text.trim() === "");
  return (
    <div className="mb-1">
      <div className="flex items-center gap-1.5">
        <button
          className={`min-w-0 flex-1 truncate text-left underline ${lacking ? "text-ochre" : "text-faint"}`}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          title={lacking ? "Origin, licence or credit is not given" : "Origin and licence"}
        >
          {own.title}
          {lacking && ": licence?"}
        </button>
        <button
          className="btn px-1.5"
          aria-label={`Remove ${own.title}`}
          onClick={() => void edit({ edit: "removeFace", face: own.face })}
        >
          <X size={14} />
        </button>
      </div>
      {open && (
        <ProvenanceFields
          provenance={own.provenance}
          columns={1}
          set={(provenance) => edit({ edit: "setFaceProvenance", face: own.face, provenance })}
        />
      )}
    </div>
  );
}

function AddFace() {
  const { id } = useTheme();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const chooser = useRef<HTMLInputElement>(null);
  const open = (file: File | undefined) => {
    if (!file) return;
    sendFile<Schemas["OwnFace"]>(`/api/themes/${id}/faces`, file).then((own) => {
      say(`${own.title} can be chosen now.`);
      void queries.invalidateQueries({ queryKey: ["theme", id] });
    }, sayProblem);
  };
  return (
    <>
      <button className="btn" onClick={() => chooser.current?.click()}>
        <FileUp size={14} />
        Your own font
      </button>
      <input
        ref={chooser}
        type="file"
        accept=".ttf,.otf"
        className="hidden"
        aria-label="Font file to add"
        onChange={(event) => {
          open(event.target.files?.[0]);
          event.target.value = "";
        }}
      />
    </>
  );
}
