import { useLayoutEffect, useRef, useState } from "react";

/** How much a picture of a width in pixels must be scaled to fill its frame; follows the frame as it changes. */
export function useWidthScale(width: number) {
  const frame = useRef<HTMLDivElement>(null);
  const [scale, setScale] = useState(0);
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const measure = () => setScale(element.clientWidth / width);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, [width]);
  return { frame, scale };
}
