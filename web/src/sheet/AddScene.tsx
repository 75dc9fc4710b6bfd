import { Plus } from "lucide-react";
import { ROLE_NAMES } from "../theme/roles";
import { useCatalogue, useStart } from "../theme/useTheme";

export function AddScene() {
  const catalogue = useCatalogue();
  const start = useStart();
  return (
    <section aria-labelledby="add-scene">
      <h2 id="add-scene" className="mb-1">
        Add a scene
      </h2>
      <p className="mb-2 text-faint">It comes with the pieces that such a scene needs.</p>
      <div className="flex flex-wrap gap-1.5">
        {catalogue.data?.sceneRoles.map((role) => (
          <button
            key={role}
            className="btn"
            disabled={start.isPending}
            onClick={() => start.mutate({ family: "", roles: [role] })}
          >
            <Plus size={14} />
            {ROLE_NAMES[role]}
          </button>
        ))}
      </div>
    </section>
  );
}
