import { useState } from "react";
import type { Canvas, Finding, Layout, Scene } from "../api/client";
import type { FootageName } from "../footage/Footage";
import { useEdit, useTheme } from "../theme/useTheme";
import { Cell } from "./Cell";
import { SceneHead } from "./SceneHead";

interface Props {
  layouts: Layout[];
  findings: Finding[];
  known: boolean;
  zoom: number;
  footage: FootageName | "hatch";
}

/** Rows are scenes, columns are canvases. Rows are dragged into another order. */
export function Matrix({ layouts, findings, known, zoom, footage }: Props) {
  const { theme } = useTheme();
  const edit = useEdit();
  const [dragged, setDragged] = useState("");
  const [over, setOver] = useState(-1);
  const drop = (index: number) => {
    const from = theme.scenes.findIndex((scene) => scene.id === dragged);
    setDragged("");
    setOver(-1);
    if (from >= 0 && from !== index) void edit({ edit: "moveScene", scene: dragged, index });
  };
  const layout = (scene: Scene, canvas: Canvas) =>
    layouts.find((one) => one.scene === scene.id && one.canvas === canvas.id);
  return (
    <div className="overflow-x-auto">
      <table className="border-collapse">
        <thead>
          <tr>
            <th className="w-28" />
            {theme.canvases.map((canvas) => (
              <th key={canvas.id} className="px-2 pb-1 text-left font-normal">
                <span className="font-head font-bold">{canvas.name}</span>{" "}
                <span className="whitespace-nowrap text-faint">
                  {canvas.size.width} × {canvas.size.height}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {theme.scenes.map((scene, index) => (
            <tr
              key={scene.id}
              className={`border-t align-top ${over === index && dragged !== scene.id ? "border-kelp bg-kelp-soft" : "border-rule"}`}
              onDragOver={(event) => {
                if (dragged !== "") {
                  event.preventDefault();
                  setOver(index);
                }
              }}
              onDrop={() => drop(index)}
            >
              <SceneHead
                scene={scene}
                index={index}
                drag={() => setDragged(scene.id)}
                dragEnd={() => {
                  setDragged("");
                  setOver(-1);
                }}
              />
              {theme.canvases.map((canvas) => (
                <td key={canvas.id} className="p-2">
                  <Cell
                    scene={scene}
                    canvas={canvas}
                    layout={layout(scene, canvas)}
                    known={known}
                    findings={findings.filter(
                      (f) => f.scene === scene.id && (f.canvas === canvas.id || f.canvas === ""),
                    )}
                    zoom={zoom}
                    footage={footage}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
