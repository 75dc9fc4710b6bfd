import { Menu, MenuButton, MenuHeading, MenuItem, MenuItems, MenuSection } from "@headlessui/react";
import { Check, GripVertical, MoreHorizontal } from "lucide-react";
import type { Scene } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { useChoices } from "../theme/titles";
import { newId, useEdit, useTheme } from "../theme/useTheme";
import { May } from "../theme/May";

/** A scene's name, to be typed over, with its grip and what can be done with it. */
export function SceneHead({
  scene,
  index,
  drag,
  dragEnd,
}: {
  scene: Scene;
  index: number;
  drag: () => void;
  dragEnd: () => void;
}) {
  const { theme } = useTheme();
  const edit = useEdit();
  const { sceneRoles } = useChoices();
  const draft = useDraftText(scene.name, (name) => edit({ edit: "renameScene", scene: scene.id, name }));
  const move = (to: number) => void edit({ edit: "moveScene", scene: scene.id, index: to });
  const last = theme.scenes.length - 1;
  const actions: [string, boolean, () => void][] = [
    ["Up", index > 0, () => move(index - 1)],
    ["Down", index < last, () => move(index + 1)],
    [
      "Duplicate",
      true,
      () =>
        void edit({
          edit: "addScene",
          index: index + 1,
          scene: { ...scene, id: newId("scene"), name: `${scene.name} 2` },
        }),
    ],
    ["Delete", true, () => void edit({ edit: "removeScene", scene: scene.id })],
  ];
  return (
    <th className="py-2 pr-1 text-left font-normal">
      <div className="flex items-center">
        <May>
          <span
            draggable
            onDragStart={(event) => {
              event.dataTransfer.setData("text/plain", scene.name);
              drag();
            }}
            onDragEnd={dragEnd}
            className="only-may cursor-grab text-faint"
            title="Drag to another place"
            aria-hidden="true"
          >
            <GripVertical size={14} />
          </span>
          <input
            className="w-20 min-w-0 border-b border-transparent bg-transparent font-head font-bold hover:border-rule focus:border-ink"
            aria-label={`Name of scene ${scene.name}`}
            {...draft}
          />
          <Menu>
            <MenuButton
              className="grid size-6 shrink-0 place-items-center text-faint"
              aria-label={`More for ${scene.name}`}
            >
              <MoreHorizontal size={14} />
            </MenuButton>
            <MenuItems anchor="bottom start" className="z-20 border border-rule bg-sheet py-1 shadow">
              {actions.map(([name, can, does]) => (
                <MenuItem key={name} disabled={!can}>
                  <button
                    className="block w-full px-3 py-1 text-left data-disabled:opacity-50 data-focus:bg-kelp-soft"
                    onClick={does}
                  >
                    {name}
                  </button>
                </MenuItem>
              ))}
              <MenuSection className="mt-1 border-t border-rule pt-1">
                <MenuHeading className="px-3 py-0.5 text-faint">Laid out for</MenuHeading>
                {sceneRoles.map(({ id, title }) => (
                  <MenuItem key={id}>
                    <button
                      className="flex w-full items-center gap-1 px-3 py-1 text-left data-focus:bg-kelp-soft"
                      onClick={() => {
                        if (id !== scene.role) void edit({ edit: "setSceneRole", scene: scene.id, role: id });
                      }}
                    >
                      <Check size={12} className={id === scene.role ? "" : "invisible"} aria-hidden="true" />
                      {title}
                      {id === scene.role && <span className="sr-only">, as it is now</span>}
                    </button>
                  </MenuItem>
                ))}
              </MenuSection>
            </MenuItems>
          </Menu>
        </May>
      </div>
    </th>
  );
}
