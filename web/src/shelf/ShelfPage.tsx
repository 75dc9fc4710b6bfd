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
import { includes } from "../app/roles";
import { DeleteTheme } from "./DeleteTheme";
import { useShelf } from "./useShelf";

/** All themes of the workspace, each as a strip of its true scenes. */
export function ShelfPage() {
  const { here } = useWorkspace();
  const id = useWorkspaceId((state) => state.id);
  const shelf = useShelf();
  const open = useQuery({
    queryKey: ["shelf", id, "beginnings"],
    queryFn: () => answer(api.GET("/api/beginnings")),
    staleTime: 0,
    enabled: here !== null && here.id === id,
  });
  const mayMake = here !== null && includes(here.role, "DESIGNER");
  return (
    <Home title="Shelf" says="Your themes, as viewers would see them">
      {mayMake && shelf.data && <NewTheme first={shelf.data.length === 0} />}
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
            ? "Nothing here yet. Six questions with pictures lead to a theme and its sources; each can be skipped."
            : `Nothing here yet. Your role in ${here?.name ?? ""} is ${here?.role.toLowerCase() ?? ""}; its owners and designers make themes.`}
        </p>
      )}
      {shelf.data && shelf.data.length > 0 && (
        <ul className="ruled border-y border-rule">
          {shelf.data.map((line) => (
            <ThemeStrip
              key={line.id}
              line={line}
              step={open.data?.find((one) => one.theme === line.id)?.step ?? 0}
              mayDelete={here?.role === "OWNER"}
            />
          ))}
        </ul>
      )}
    </Home>
  );
}

/** Begins a theme with a few questions, each with its picture; or empty. */
function NewTheme({ first }: { first: boolean }) {
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const begin = useMutation({
    mutationFn: () => answer(api.POST("/api/beginnings", { body: { name: first ? "My theme" : "New theme" } })),
    onSuccess: ({ theme }) => void navigate(`/themes/${theme}/begin`),
    onError: sayProblem,
  });
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
    <div className="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2">
      <button className="btn btn-main" disabled={begin.isPending} onClick={() => begin.mutate()}>
        <Plus size={15} />
        {begin.isPending ? "Making it …" : first ? "Make your first theme" : "New theme"}
      </button>
      <form onSubmit={submit} className="flex items-center gap-2">
        <label htmlFor="empty" className="text-faint">
          or without questions
        </label>
        <input
          id="empty"
          className="field w-52"
          aria-label="Name of the new theme"
          placeholder="Name of an empty theme"
          required
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="btn" disabled={create.isPending}>
          Empty theme
        </button>
      </form>
    </div>
  );
}

/** @param step the open question of its beginning; 0 when there is none */
function ThemeStrip({ line, step, mayDelete }: { line: Schemas["ShelfLine"]; step: number; mayDelete: boolean }) {
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
      {step > 0 && (
        <Link className="btn mt-2" to={`/themes/${line.id}/begin`}>
          Go on with question {step}
        </Link>
      )}
      {mayDelete && <DeleteTheme id={line.id} name={line.name} />}
    </li>
  );
}
