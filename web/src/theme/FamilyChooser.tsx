import { useState } from "react";
import type { Schemas } from "../api/client";
import { usePointed } from "../app/usePointed";
import { useShownRoles } from "./titles";
import { Sample } from "./Sample";
import { useCatalogue, useEdit, useLook, useStart, useTheme } from "./useTheme";

/** Families in the theme's own brand. Another one redraws every piece; words, bindings and places stay. */
export function FamilyChooser() {
  const { theme, id } = useTheme();
  const look = useLook();
  const catalogue = useCatalogue();
  const edit = useEdit();
  return (
    <section aria-labelledby="families" className="mb-5">
      <h2 id="families" className="mb-1">
        Family
      </h2>
      <ul className="grid grid-cols-5 gap-3">
        {catalogue.data?.families.map((family) => (
          <li key={family.id}>
            <FamilyCard
              family={family}
              theme={id}
              look={look}
              chosen={family.id === theme.family}
              choose={() => void edit({ edit: "setFamily", family: family.id })}
            />
          </li>
        ))}
      </ul>
      <p className="mt-1 text-faint">
        {catalogue.data?.families.find((family) => family.id === theme.family)?.description}
      </p>
    </section>
  );
}

/** A family in a theme's colours. */
export function FamilyCard({
  family,
  theme,
  look,
  chosen,
  choose,
}: {
  family: Schemas["FamilyView"];
  theme: string;
  look: string;
  chosen: boolean;
  choose: () => void;
}) {
  const { pointed, listeners } = usePointed();
  return (
    <button
      type="button"
      className={`block w-full border bg-sheet text-left ${chosen ? "border-kelp outline-2 outline-kelp" : "border-rule hover:border-ink"}`}
      aria-pressed={chosen}
      title={family.description}
      {...listeners}
      onClick={() => {
        if (!chosen) choose();
      }}
    >
      <span className="weave relative block aspect-video">
        <Sample
          theme={theme}
          kind="SCREEN"
          family={family.id}
          look={look}
          title={`${family.title}: a screen`}
          over={pointed}
        />
      </span>
      <span className="weave relative block h-14">
        <Sample
          theme={theme}
          kind="FACT_LINE"
          family={family.id}
          look={look}
          title={`${family.title}: a fact line`}
          over={false}
        />
      </span>
      <span className="flex justify-between px-2 py-1">
        <span className="font-head font-bold">{family.title}</span>
        {chosen && <span className="text-kelp">in use</span>}
      </span>
    </button>
  );
}

/** For a theme without scenes: which ones, and all of them are made at once. */
export function CompleteStart() {
  const start = useStart();
  const sceneRoles = useShownRoles();
  const [without, setWithout] = useState<Schemas["Scene"]["role"][]>([]);
  const wanted = sceneRoles.map(({ id }) => id).filter((role) => !without.includes(role));
  const turn = (role: Schemas["Scene"]["role"]) =>
    setWithout(without.includes(role) ? without.filter((other) => other !== role) : [...without, role]);
  return (
    <section aria-labelledby="start" className="mb-5 border border-dashed border-rule p-4">
      <h2 id="start" className="mb-1">
        Begin with a complete theme
      </h2>
      <p className="mb-2 text-faint">
        Choose the family above and the scenes your show needs. Everything can be changed afterwards, and one undo takes
        it out again.
      </p>
      <div className="flex flex-wrap items-center gap-4">
        {sceneRoles.map(({ id: role, title }) => (
          <label key={role} className="flex items-center gap-1.5">
            <input
              type="checkbox"
              className="accent-kelp"
              checked={wanted.includes(role)}
              onChange={() => turn(role)}
            />
            {title}
          </label>
        ))}
        <button
          className="btn btn-main"
          disabled={wanted.length === 0 || start.isPending}
          onClick={() => start.mutate({ family: "", roles: wanted })}
        >
          {start.isPending ? "Making …" : `Make ${String(wanted.length)} ${wanted.length === 1 ? "scene" : "scenes"}`}
        </button>
      </div>
    </section>
  );
}
