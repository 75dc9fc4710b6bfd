import { useEffect, useRef } from "react";
import type { Schemas } from "../api/client";
import { Painter } from "../painter/painter";
import { picturesToLoad } from "../painter/pictures";

/** A piece by itself, painted and moved, scaled so that its part of the canvas fills the room as far as it fits. */
export function PieceStage({ preview, moving }: { preview: Schemas["PreviewView"]; moving: boolean }) {
  const room = useRef<HTMLDivElement>(null);
  const host = useRef<HTMLDivElement>(null);
  const { picture, part, now } = preview;

  useEffect(() => {
    const at = host.current;
    if (!at) return;
    const ahead = now - Date.now();
    const painter = new Painter(at, () => Date.now() + ahead, moving);
    let gone = false;
    void Promise.resolve(picturesToLoad(picture.layers)).then(() => {
      if (!gone) painter.show(picture);
    });
    return () => {
      gone = true;
      painter.dispose();
    };
  }, [picture, now, moving]);

  useEffect(() => {
    const around = room.current;
    if (!around) return;
    const fit = () => {
      if (!host.current) return;
      const scale = Math.min(around.clientWidth / part.width, around.clientHeight / part.height);
      const left = (around.clientWidth - part.width * scale) / 2 - part.x * scale;
      const top = (around.clientHeight - part.height * scale) / 2 - part.y * scale;
      host.current.style.transform = `translate(${String(left)}px, ${String(top)}px) scale(${String(scale)})`;
      host.current.style.clipPath = `inset(${String(part.y)}px ${String(Math.max(0, picture.width - part.x - part.width))}px ${String(Math.max(0, picture.height - part.y - part.height))}px ${String(part.x)}px)`;
    };
    fit();
    const watch = new ResizeObserver(fit);
    watch.observe(around);
    return () => watch.disconnect();
  }, [part, picture]);

  return (
    <div ref={room} className="absolute inset-0 overflow-hidden">
      <div ref={host} className="absolute left-0 top-0 origin-top-left" />
    </div>
  );
}
