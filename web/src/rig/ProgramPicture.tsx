import { useCallback, useEffect, useRef, useState } from "react";
import { isListening, isLoud, type Told } from "../outlet/told";
import { useLoudness } from "./useLoudness";
import { useMeasured } from "./useMeasured";
import { CapturePattern } from "../footage/CapturePattern";
import type { Program, RigSource } from "./useRig";
import { useWidthScale } from "../app/useWidthScale";

/**
 * What the broadcast would show of one program: every source really running, each by its own behaviour.
 *
 * @param set what is set in the links of a scene's sources besides
 */
export function ProgramPicture(props: { program: Program; active: string; set?: (scene: string) => string }) {
  const { program, active, set } = props;
  const { frame, scale } = useWidthScale(program.width);
  return (
    <div
      ref={frame}
      className="relative w-full overflow-hidden bg-black"
      style={{ aspectRatio: `${String(program.width)} / ${String(program.height)}` }}
      data-testid={`program-${program.id}`}
    >
      <div
        className="absolute left-0 top-0 origin-top-left"
        style={{ width: program.width, height: program.height, transform: `scale(${String(scale)})` }}
      >
        {program.scenes.map((scene) =>
          scene.sources.map((source, order) => (
            <Source
              key={`${scene.id}/${source.id}`}
              source={source}
              entered={scene.id === active}
              set={set?.(scene.id) ?? ""}
              place={{
                program: `rig ${program.id}`,
                order,
                under: scene.sources.slice(order + 1).filter((above) => above.kind === "CAPTURE" && above.shown).length,
              }}
            />
          )),
        )}
      </div>
    </div>
  );
}

function Source(props: {
  source: RigSource;
  entered: boolean;
  set: string;
  place: Pick<Told, "program" | "order" | "under">;
}) {
  const { source, entered, set, place } = props;
  const visible = entered && source.shown;
  const restarts = useRestarts(entered, source.behaviour === "RESTART_ON_ENTRY");
  const shows = useShows(visible);
  if (!visible && (source.kind === "CAPTURE" || source.behaviour === "REST_WHEN_HIDDEN")) return null;
  const { box } = source;
  if (source.kind === "CAPTURE" && box.width > 0)
    return (
      <div
        className="absolute overflow-hidden"
        style={{ left: source.x, top: source.y, width: box.width, height: box.height }}
        data-source={source.id}
      >
        <CapturePattern
          pattern={source.pattern}
          width={source.width}
          height={source.height}
          fill={`${String(box.across * 100)}% ${String(box.down * 100)}%`}
        />
      </div>
    );
  const width = (source.width - source.cropLeft - source.cropRight) * source.scale;
  const height = (source.height - source.cropTop - source.cropBottom) * source.scale;
  return (
    <div
      className="absolute overflow-hidden"
      style={{ left: source.x, top: source.y, width, height, visibility: visible ? "visible" : "hidden" }}
      data-source={source.id}
    >
      <div
        className="absolute origin-top-left"
        style={{
          left: -source.cropLeft * source.scale,
          top: -source.cropTop * source.scale,
          width: source.width,
          height: source.height,
          transform: `scale(${String(source.scale)})`,
        }}
      >
        {source.kind === "CAPTURE" ? (
          <CapturePattern pattern={source.pattern} width={source.width} height={source.height} />
        ) : (
          <Frame
            // Another link is another page: a frame that is sent elsewhere while it loads may end up at the old one.
            key={`${source.link} ${set} ${String(restarts)}`}
            source={source}
            set={set}
            told={{
              brandeon: "source",
              seen: visible,
              loads: source.behaviour === "REST_WHEN_HIDDEN" ? shows : restarts + 1,
              ...place,
            }}
          />
        )}
      </div>
    </div>
  );
}

/** A page of the rig; it is told what a page of broadcasting software would know. */
function Frame({ source, set, told }: { source: RigSource; set: string; told: Told }) {
  const frame = useRef<HTMLIFrameElement>(null);
  const text = JSON.stringify(told);
  const tell = useCallback(() => {
    // It has no origin of its own that could be named.
    frame.current?.contentWindow?.postMessage(JSON.parse(text), "*");
  }, [text]);
  useEffect(tell, [tell]);
  const heard = useLoudness((state) => state.heard);
  const holds = useMeasured((state) => state.holds);
  useEffect(() => {
    const hear = (event: MessageEvent) => {
      if (event.source !== frame.current?.contentWindow) return;
      // What was said before it listened was not heard.
      if (isListening(event.data)) tell();
      if (isLoud(event.data)) {
        if (event.data.lufs !== null || useLoudness.getState().sources[source.id]) heard(source.id, event.data.lufs);
        holds(source.id, event.data.heap);
      }
    };
    addEventListener("message", hear);
    return () => removeEventListener("message", hear);
  }, [heard, holds, source.id, tell]);
  return (
    <iframe
      ref={frame}
      src={ownLink(source.link, set)}
      sandbox="allow-scripts"
      title={source.name}
      width={source.width}
      height={source.height}
      className="block border-0"
      // By night a page within this one would be laid on white.
      style={{ colorScheme: "normal" }}
    />
  );
}

/**
 * How often a source that restarts on entry has seen its scene become active. Neither its first loading nor another
 * choice of its behaviour counts: what runs goes on until the scene is entered again.
 */
function useRestarts(entered: boolean, restartsOnEntry: boolean): number {
  const [restarts, setRestarts] = useState(0);
  const [was, setWas] = useState(entered);
  if (was !== entered) {
    setWas(entered);
    if (entered && restartsOnEntry) setRestarts(restarts + 1);
  }
  return restarts;
}

/** How often a source has come to be seen: so often one that rests while hidden is loaded. */
function useShows(visible: boolean): number {
  const [shows, setShows] = useState(visible ? 1 : 0);
  const [was, setWas] = useState(visible);
  if (was !== visible) {
    setWas(visible);
    if (visible) setShows(shows + 1);
  }
  return shows;
}

const OUTLET = /^\/o\/[A-Za-z0-9_-]{43}$/;

/**
 * The rig opens outlets of this server only, and as a stranger: in a sandbox, so that nothing in them may act for who is
 * signed in. A link typed wrong shows nothing, as it would in a broadcast.
 */
function ownLink(link: string, set: string): string {
  try {
    const url = new URL(link, location.href);
    const here = url.origin === location.origin || url.hostname === location.hostname;
    return here && OUTLET.test(url.pathname) ? url.pathname + (url.search || (set && `?${set}`)) : "about:blank";
  } catch {
    return "about:blank";
  }
}
