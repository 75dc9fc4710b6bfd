import type { Schemas } from "../api/client";
import { useCatalogue, useEdit, useTheme } from "../theme/useTheme";

export function Faces() {
  const { brand } = useTheme().theme;
  const catalogue = useCatalogue();
  const edit = useEdit();
  const uses: ["HEADING" | "TEXT" | "FIGURES", string, Schemas["Brand"]["heading"]][] = [["HEADING", "Headings", brand.heading], ["TEXT", "Text", brand.text], ["FIGURES", "Figures", brand.figures]];
  return (
    <div className="mb-4">
      <h2 className="mb-1">Type faces</h2>
      {uses.map(([use, label, face]) => (
        <label key={use} className="mb-1.5 grid grid-cols-[62px_1fr] items-center">
          {label}
          <select className="field min-w-0" value={face} style={{ fontFamily: `"${catalogue.data?.faces.find((f) => f.id === face)?.family ?? ""}"` }}
            onChange={(e) => void edit({ edit: "setFace", use, face: e.target.value as Schemas["Brand"]["heading"] })}>
            {catalogue.data?.faces.map((option) => <option key={option.id} value={option.id} style={{ fontFamily: `"${option.family}"` }}>{option.title}</option>)}
          </select>
        </label>
      ))}
    </div>
  );
}
