import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { Layout, Scene, Schemas } from "../api/client";
import { useEdit } from "../theme/useTheme";
import { useMay } from "../theme/May";

type Divider = Layout["dividers"][number];

const NAMES: Record<Divider["line"], string> = {
  COLUMN: "Line between the columns",
  CAMERA_FOOT: "Lower edge of the camera",
  PLAY_TOP: "Upper edge of the play",
  PLAY_FOOT: "Lower edge of the play",
  BAND_TOP: "Upper edge of the band",
};

/** Keys that follow one another this fast are one gesture; milliseconds. */
const BURST = 700;

/** The dividing lines of the zone plan, to be dragged or moved by arrow keys; double click or Delete puts one back. */
export function Dividers({ layout, scene, scale }: { layout: Layout; scene: Scene; scale: number }) {
  return (
    <>
      {layout.dividers.map((divider) => (
        <Line key={divider.line} divider={divider} layout={layout} scene={scene} scale={scale} />
      ))}
    </>
  );
}

function Line({ divider, layout, scene, scale }: { divider: Divider; layout: Layout; scene: Scene; scale: number }) {
  const edit = useEdit();
  const may = useMay();
  const dragging = useRef("");
  // Keys may come faster than answers: the next step starts from where the last one will end.
  const ahead = useRef({ at: 0, until: 0, gesture: "" });
  const length = divider.upright ? layout.width : layout.height;
  const set = (at: number, gesture: string) => {
    const shift: Schemas["LineShift"] = {
      role: scene.role,
      shape: layout.shape,
      line: divider.line,
      share: Math.min(1, Math.max(0, at / length)),
    };
    void edit({ edit: "setLine", shift }, gesture);
  };
  const back = () => {
    if (may && divider.at !== divider.standard)
      void edit({ edit: "dropLine", role: scene.role, shape: layout.shape, line: divider.line });
  };
  const pull = (event: PointerEvent<HTMLDivElement>) => {
    if (dragging.current === "") return;
    event.stopPropagation();
    const stage = event.currentTarget.parentElement?.getBoundingClientRect();
    if (stage)
      set(
        Math.min(
          divider.most,
          Math.max(divider.least, (divider.upright ? event.clientX - stage.left : event.clientY - stage.top) / scale),
        ),
        dragging.current,
      );
  };
  const press = (event: PointerEvent<HTMLDivElement>) => {
    if (!may) return;
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    dragging.current = crypto.randomUUID();
  };
  const step = (by: number) => {
    const going = Date.now() < ahead.current.until;
    const at = Math.min(divider.most, Math.max(divider.least, (going ? ahead.current.at : divider.at) + by));
    ahead.current = { at, until: Date.now() + BURST, gesture: going ? ahead.current.gesture : crypto.randomUUID() };
    set(at, ahead.current.gesture);
  };
  const keys = (event: KeyboardEvent) => {
    if (!may) return;
    event.stopPropagation();
    const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (event.key === "Delete") back();
    else if (by) step(by * (event.shiftKey ? 10 : 1));
    else return;
    event.preventDefault();
  };
  const at = divider.at * scale;
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={NAMES[divider.line]}
      aria-readonly={!may}
      aria-valuemin={Math.round(divider.least)}
      aria-valuemax={Math.round(divider.most)}
      aria-valuenow={Math.round(divider.at)}
      aria-orientation={divider.upright ? "horizontal" : "vertical"}
      title={`${NAMES[divider.line]}: ${String(Math.round(divider.at))} px.${may ? " Drag it; double click puts it back." : ""}`}
      className={`absolute flex items-center justify-center ${divider.upright ? `inset-y-0 w-3 -translate-x-1/2 ${may ? "cursor-ew-resize" : ""}` : `inset-x-0 h-3 -translate-y-1/2 ${may ? "cursor-ns-resize" : ""}`}`}
      style={divider.upright ? { left: at } : { top: at }}
      onPointerDown={press}
      onPointerMove={pull}
      onPointerUp={() => {
        dragging.current = "";
      }}
      onDoubleClick={back}
      onKeyDown={keys}
    >
      <div
        className={`${divider.upright ? "h-full w-px border-l" : "h-px w-full border-t"} ${divider.at === divider.standard ? "border-dashed" : ""} border-2 border-[#e0a030]`}
      />
    </div>
  );
}
