import { useMutation, useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState, type FormEvent } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { Home } from "../app/Home";
import { sayProblem } from "../app/notices";
import { ScenePicture } from "../app/ScenePicture";
import { Trouble } from "../app/Trouble";
import { useWorkspace } from "../app/useWorkspace";
import { DeleteTheme } from "./DeleteTheme";

/** All themes of the workspace, each as a strip of its true scenes. */
export function ShelfPage() {
  const { here } = useWorkspace();
  const id = useWorkspaceId((state) => state.id);
  const shelf = useQuery({
    queryKey: ["shelf", id],
    queryFn: () => answer(api.GET("/api/themes")),
    staleTime: 0,
    enabled: here !== null && here.id === id,
  });
  const mayMake = here?.role === "OWNER" || here?.role === "DESIGNER";
  return (
    <Home title="Shelf" says="Your themes, as viewers would see them">
      {mayMake && <NewTheme />}
      {shelf.isPending && here && <p className="text-faint">Looking at the shelf …</p>}
      <Trouble query={shelf} />
      {here === null && (
        <p className="text-faint">
          You are in no workspace. Make one with the menu above, or ask somebody for an invitation.
        </p>
      )}
      {shelf.data?.length === 0 && (
        <p className="text-faint">
          {mayMake
            ? "Nothing here yet. Name your first theme above; it starts with a wide and an upright canvas."
            : `Nothing here yet. Your role in ${here?.name ?? ""} is ${here?.role.toLowerCase() ?? ""}; its owners and designers make themes.`}
        </p>
      )}
      <ul className="ruled border-y border-rule">
        {shelf.data?.map((line) => (
          <ThemeStrip key={line.id} line={line} mayDelete={here?.role === "OWNER"} />
        ))}
      </ul>
    </Home>
  );
}

function NewTheme() {
  const [name, setName] = useState("");
  const navigate = useNavigate();
  const create = useMutation({
    mutationFn: () => answer(api.POST("/api/themes", { body: { name } })),
    onSuccess: (theme) => void navigate(`/themes/${theme.id}/brand`),
    onError: sayProblem,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    create.mutate();
  };
  return (
    <form onSubmit={submit} className="mb-4 flex gap-2">
      <input
        className="field w-72"
        aria-label="Name of the new theme"
        placeholder="Name of a new theme"
        required
        maxLength={120}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <button className="btn btn-main" disabled={create.isPending}>
        <Plus size={15} />
        New theme
      </button>
    </form>
  );
}

function ThemeStrip({ line, mayDelete }: { line: Schemas["ShelfLine"]; mayDelete: boolean }) {
  const canvas = line.canvases[0];
  return (
    <li className="relative py-3">
      <Link to={`/themes/${line.id}`} className="group block" aria-label={`Open ${line.name}`}>
        <div className="mb-2 flex items-baseline gap-3">
          <h2 className="group-hover:underline">{line.name}</h2>
          <span className="text-faint">
            {line.platform} · {line.channel}
          </span>
          <span className={`ml-auto pr-9 ${line.onAir > 0 ? "font-bold text-live" : "text-faint"}`}>
            {line.onAir > 0
              ? `● On air, release ${String(line.onAir)}${line.differs ? "; draft differs" : ""}`
              : "Not on air yet"}
          </span>
        </div>
        {line.scenes.length === 0 || !canvas ? (
          <p className="border border-dashed border-rule p-4 text-faint">
            No scenes yet. Open it to choose brand and pieces.
          </p>
        ) : (
          <ol className="grid grid-cols-5 gap-2">
            {line.scenes.slice(0, 5).map((scene) => (
              <li key={scene.id}>
                <div className="weave">
                  <ScenePicture
                    theme={line.id}
                    scene={scene.id}
                    canvas={canvas.id}
                    width={canvas.size.width}
                    height={canvas.size.height}
                  />
                </div>
                <span className="text-faint">{scene.name}</span>
              </li>
            ))}
          </ol>
        )}
      </Link>
      {mayDelete && <DeleteTheme id={line.id} name={line.name} />}
    </li>
  );
}
