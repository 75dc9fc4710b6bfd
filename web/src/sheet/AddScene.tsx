import { Plus } from "lucide-react";
import { useChoices } from "../theme/titles";
import { useStart } from "../theme/useTheme";

export function AddScene() {
  const { sceneRoles } = useChoices();
  const start = useStart();
  return (
    <section aria-labelledby="add-scene">
      <h2 id="add-scene" className="mb-1">
        Add a scene
      </h2>
      <p className="mb-2 text-faint">It comes with the pieces that such a scene needs.</p>
      <div className="flex flex-wrap gap-1.5">
        {sceneRoles.map((role) => (
          <button
            key={role.id}
            className="btn"
            disabled={start.isPending}
            onClick={() => start.mutate({ family: "", roles: [role.id] })}
          >
            <Plus size={14} />
            {role.title}
          </button>
        ))}
      </div>
    </section>
  );
}
