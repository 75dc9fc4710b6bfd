import type { Piece, Scene, Schemas } from "../api/client";
import { ContentField } from "../content/ContentField";
import { useLatest } from "../content/useLatest";
import { useKind } from "../theme/kinds";
import { useEdit } from "../theme/useTheme";
import { Tick } from "../app/Tick";

/** What a piece says on this scene alone. */
export function WordsCard({ scene, piece, placed }: { scene: Scene; piece: Piece; placed: Schemas["Placed"] }) {
  const kind = useKind(piece.kind);
  const edit = useEdit();
  const [content, set] = useLatest<Record<string, Schemas["Content"]>>(placed.content, (next) =>
    edit({ edit: "setContentOn", scene: scene.id, piece: piece.id, content: next }),
  );
  const fields = kind?.fields ?? [];
  if (fields.length === 0) return null;
  const own = Object.keys(content).length > 0;
  const now = (field: Schemas["Field"]) => content[field.name] ?? piece.content[field.name] ?? field.standard;
  return (
    <section className="mt-3 border-t border-rule pt-2">
      <label className="flex items-center gap-2">
        <Tick
          stored={own}
          send={(on) => set(on ? Object.fromEntries(fields.map((field) => [field.name, now(field)])) : {})}
        />
        Other words on {scene.name}
      </label>
      {own &&
        fields.map((field) => (
          <ContentField
            key={field.name}
            field={{ ...field, title: `${field.title}, here` }}
            value={now(field)}
            own={false}
            set={(value) => set({ ...content, [field.name]: value })}
          />
        ))}
    </section>
  );
}
