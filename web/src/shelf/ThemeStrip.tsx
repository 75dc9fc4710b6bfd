import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { MoreHorizontal } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { moment } from "../app/dates";
import { sayProblem, useNotices } from "../app/notices";
import { includes, type MemberRole } from "../app/roles";
import { ScenePicture } from "../app/ScenePicture";
import { useSeen } from "../app/useSeen";
import { DeleteTheme } from "./DeleteTheme";
import type { ShelfLine } from "./order";

const SHOWN = 5;

/** A theme as a strip of its true scenes. @param step the open question of its beginning; 0 when there is none */
export function ThemeStrip({ line, step, role }: { line: ShelfLine; step: number; role: MemberRole }) {
  const { element, seen } = useSeen<HTMLLIElement>();
  const canvas = line.canvases[0];
  return (
    <li ref={element} className="relative py-3">
      <Link to={`/themes/${line.id}`} className="group block" aria-label={`Open ${line.name}`}>
        <div className="flex flex-wrap items-baseline gap-x-3 pr-10">
          <h2 className="group-hover:underline">{line.name}</h2>
          <span className="text-faint">
            {line.platform} · {line.channel}
          </span>
          <span className={`ml-auto ${line.onAir > 0 ? "font-bold text-live" : "text-faint"}`}>
            {line.onAir > 0
              ? `● On air, release ${String(line.onAir)}${line.differs ? "; draft differs" : ""}`
              : "Not on air yet"}
          </span>
        </div>
        <p className="mb-2 flex flex-wrap gap-x-3 text-faint">
          <span>
            Changed {moment(line.updatedAt)}
            {line.changedBy === "" ? "" : ` by ${line.changedBy}`}
          </span>
          <span title={line.canvases.map((one) => `${one.name}, ${one.size.width} × ${one.size.height}`).join("\n")}>
            {line.canvases.map((one) => `${one.name} ${one.size.width} × ${one.size.height}`).join(", ")}
          </span>
          {seen && line.scenes.length > 0 && <Found line={line} />}
        </p>
        {line.scenes.length === 0 || !canvas ? (
          <p className="border border-dashed border-rule p-4 text-faint">
            No scenes yet. Open it to choose brand and pieces.
          </p>
        ) : (
          <ol className="grid grid-cols-3 gap-2 sm:grid-cols-5">
            {line.scenes.slice(0, SHOWN).map((scene, i) => (
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
                <span className="text-faint">
                  {scene.name}
                  {i === SHOWN - 1 && line.scenes.length > SHOWN && `, and ${String(line.scenes.length - SHOWN)} more`}
                </span>
              </li>
            ))}
          </ol>
        )}
      </Link>
      {step > 0 && includes(role, "DESIGNER") && (
        <Link className="btn mt-2" to={`/themes/${line.id}/begin`}>
          Go on with question {step}
        </Link>
      )}
      <Deeds line={line} role={role} />
    </li>
  );
}

/** How much is found about a theme at its present version. */
function Found({ line }: { line: ShelfLine }) {
  const count = useQuery({
    queryKey: ["found", line.id, line.version],
    queryFn: () => answer(api.GET("/api/themes/{id}/findings/count", { params: { path: { id: line.id } } })),
  });
  if (!count.data) return null;
  return <span className={count.data.broken > 0 ? "text-live" : ""}>{words(count.data)}</span>;
}

function words({ broken, poor, notes }: Schemas["FindingCount"]): string {
  const all = broken + poor + notes;
  if (all === 0) return "No findings";
  const grave = [...(broken > 0 ? [`${String(broken)} broken`] : []), ...(poor > 0 ? [`${String(poor)} poor`] : [])];
  return `${String(all)} ${all === 1 ? "finding" : "findings"}${grave.length > 0 ? `: ${grave.join(", ")}` : ", only to know"}`;
}

/** What can be done with a theme as a whole. */
function Deeds({ line, role }: { line: ShelfLine; role: MemberRole }) {
  const [deleting, setDeleting] = useState(false);
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const again = () => queries.invalidateQueries({ queryKey: ["shelf"] });
  const path = { id: line.id };
  const duplicate = useMutation({
    mutationFn: () => answer(api.POST("/api/themes/{id}/copies", { params: { path } })),
    onSuccess: async (copy) => {
      await again();
      say(`${copy.name} is on the shelf, with sources of its own.`);
    },
    onError: sayProblem,
  });
  const archive = useMutation({
    mutationFn: () =>
      answer(api.PUT("/api/themes/{id}/archived", { params: { path }, body: { archived: !line.archived } })),
    onSuccess: async () => {
      await again();
      say(
        line.archived
          ? `${line.name} is on the shelf again.`
          : `${line.name} is in the archive, below the shelf.${line.onAir > 0 ? " Its sources go on." : ""}`,
      );
    },
    onError: sayProblem,
  });
  const deeds = [
    ...(includes(role, "DESIGNER")
      ? [
          { name: "Duplicate", does: () => duplicate.mutate() },
          { name: line.archived ? "Take out of the archive" : "Archive", does: () => archive.mutate() },
        ]
      : []),
    ...(role === "OWNER" ? [{ name: "Delete …", does: () => setDeleting(true) }] : []),
  ];
  return (
    <>
      <Menu>
        <MenuButton className="btn absolute right-0 top-2.5 px-1.5" aria-label={`More for ${line.name}`}>
          <MoreHorizontal size={14} />
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="z-30 min-w-44 border border-rule bg-sheet py-1 shadow focus:outline-none"
        >
          <MenuItem>
            <a className="block px-3 py-1 data-focus:bg-kelp-soft" href={`/api/themes/${line.id}/package.zip`} download>
              Save as a package
            </a>
          </MenuItem>
          {deeds.map((deed) => (
            <MenuItem key={deed.name}>
              <button className="w-full px-3 py-1 text-left data-focus:bg-kelp-soft" onClick={deed.does}>
                {deed.name}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <DeleteTheme id={line.id} name={line.name} open={deleting} close={() => setDeleting(false)} />
    </>
  );
}
