import type { Piece, Scene, Schemas } from "../api/client";
import { MessageField } from "../theme/MessageField";
import { useCatalogue, useEdit } from "../theme/useTheme";

/** Words of a piece that differ on this scene alone. */
export function WordsCard({ scene, piece, placed }: { scene: Scene; piece: Piece; placed: Schemas["Placed"] }) {
  const catalogue = useCatalogue();
  const edit = useEdit();
  const fields = catalogue.data?.kinds.find((kind) => kind.id === piece.kind)?.texts ?? [];
  if (fields.length === 0) return null;
  const own = Object.keys(placed.texts).length > 0;
  const set = (texts: Record<string, string>) => edit({ edit: "setWords", scene: scene.id, piece: piece.id, texts });
  const now = (field: Schemas["KindText"]) => placed.texts[field.name] ?? piece.texts[field.name] ?? field.standard;
  return (
    <section className="mt-3 border-t border-rule pt-2">
      <label className="flex items-center gap-2">
        <input type="checkbox" className="accent-kelp" checked={own} onChange={(event) => void set(event.target.checked ? Object.fromEntries(fields.map((field) => [field.name, now(field)])) : {})} />
        Other words on {scene.name}
      </label>
      {own && fields.map((field) => <MessageField key={field.name} field={{ ...field, title: `${field.title}, here` }} value={now(field)} set={(text) => set({ ...placed.texts, [field.name]: text })} />)}
    </section>
  );
}
