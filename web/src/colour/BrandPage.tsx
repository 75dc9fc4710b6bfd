import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, NavLink } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { RecolourPage } from "../recolour/RecolourPage";
import { useTheme } from "../theme/useTheme";
import { BringIn } from "./BringIn";
import { EyesFilters, EyesSwitch, seenBy, type Vision } from "./Eyes";
import { Faces } from "./Faces";
import { GradientCard } from "./GradientCard";
import { Moods } from "./Moods";
import { Roles } from "./Roles";
import { Seeds } from "./Seeds";
import { Shares } from "./Shares";
import { Trouble } from "../app/Trouble";
import { May } from "../theme/May";

const TABS: [string, string][] = [
  ["", "Roles and guarantees"],
  ["/pictures", "Ready-made pictures"],
];

/** Seeds on one side; on the other what is derived from them, as samples with figures and as true pictures. */
export function BrandPage({ pictures = false }: { pictures?: boolean }) {
  const { id } = useTheme();
  const [eyes, setEyes] = useState<Vision>("ORDINARY");
  const brand = useQuery({
    queryKey: ["brand", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/brand", { params: { path: { id } } })),
    placeholderData: (old) => old,
  });
  return (
    <div className="grid h-full grid-cols-[246px_minmax(0,1fr)]">
      <section className="overflow-auto border-r border-rule p-4">
        <h1 className="mb-2">Brand</h1>
        <May>
          <Moods />
          <Seeds />
          <BringIn />
          <Faces />
          {brand.data && <GradientCard view={brand.data.gradient} />}
          <Shares plates={brand.data?.plates ?? []} />
        </May>
      </section>
      <section className="min-w-0 overflow-auto p-4">
        <EyesFilters />
        <div className="mb-2 flex flex-wrap items-center gap-1.5">
          <nav aria-label="Of the brand" className="flex gap-1.5">
            {TABS.map(([to, name]) => (
              <NavLink
                key={to}
                end
                to={`/themes/${id}/brand${to}`}
                className={({ isActive }) => `btn ${isActive ? "border-kelp bg-kelp-soft font-bold" : ""}`}
              >
                {name}
              </NavLink>
            ))}
          </nav>
          <span className="ml-auto">
            <EyesSwitch eyes={eyes} setEyes={setEyes} />
          </span>
        </div>
        {brand.isPending && <p className="text-faint">Deriving …</p>}
        <Trouble query={brand} />
        {brand.data && <Shortfalls shortfalls={brand.data.shortfalls} />}
        <div style={seenBy(eyes)}>
          {pictures ? (
            <May>
              <RecolourPage />
            </May>
          ) : (
            <>
              <May>{brand.data && <Roles roles={brand.data.roles} />}</May>
              <Scenes />
            </>
          )}
        </div>
      </section>
    </div>
  );
}

function Shortfalls({ shortfalls }: { shortfalls: Schemas["Shortfall"][] }) {
  if (shortfalls.length === 0) return null;
  return (
    <section className="mb-2 border-l-4 border-ochre bg-ochre-soft px-3 py-1.5" aria-label="What pinned colours break">
      {shortfalls.map((shortfall) => (
        <p key={shortfall.sentence}>{shortfall.sentence}</p>
      ))}
    </section>
  );
}

function Scenes() {
  const { theme, id } = useTheme();
  const wide = theme.canvases[0];
  return (
    <>
      <h2 className="mb-2 mt-4">On your scenes</h2>
      {theme.scenes.length === 0 || !wide ? (
        <p className="flex items-center gap-3 text-faint">
          No scenes yet; they will wear this brand.
          <Link className="btn btn-main" to={`/themes/${id}/sheet`}>
            Add the first scene
          </Link>
        </p>
      ) : (
        <ol className="grid grid-cols-3 gap-3">
          {theme.scenes.slice(0, 6).map((scene) => (
            <li key={scene.id}>
              <div className="weave">
                <ScenePicture
                  theme={id}
                  scene={scene.id}
                  canvas={wide.id}
                  width={wide.size.width}
                  height={wide.size.height}
                />
              </div>
              <span className="text-faint">{scene.name}</span>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
