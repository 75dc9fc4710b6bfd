/**
 * How a piece comes, goes and becomes another: its plates grow and shrink from where they were, and words fade into
 * words. Only transform and opacity move.
 */

/** Milliseconds. */
export const CHANGE = 380;
const EASING = "cubic-bezier(0.3, 0, 0.2, 1)";

/** A plate's part is called by the edge that it grows from. */
const PLATE = /^plate-(left|centre|right)-/;
export type Edge = "left" | "centre" | "right";

/** In pixels of the canvas. */
export interface Area {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** What makes a plate that lies in one area look as if it lay in another one. */
export function fromArea(from: Area, at: Area): string {
  const across = at.width > 0 ? from.width / at.width : 1;
  const down = at.height > 0 ? from.height / at.height : 1;
  return `translate(${px(from.x - at.x * across)}, ${px(from.y - at.y * down)}) scale(${number(across)}, ${number(down)})`;
}

/** Where a plate begins, and ends: no wider than nothing, at the edge that it keeps to. */
export function closed({ x, y, width, height }: Area, edge: Edge): Area {
  return { x: edge === "left" ? x : edge === "right" ? x + width : x + width / 2, y, width: 0, height };
}

const number = (value: number) => String(Math.round(value * 10_000) / 10_000);
const px = (value: number) => `${number(value)}px`;

interface Plate {
  part: SVGGElement;
  edge: Edge;
  area: Area;
}

function plates(svg: SVGSVGElement): Map<string, Plate> {
  const found = new Map<string, Plate>();
  svg.querySelectorAll<SVGGElement>("[data-part^=plate-]").forEach((part) => {
    const name = part.dataset["part"] ?? "";
    const edge = PLATE.exec(name)?.[1] as Edge | undefined;
    if (edge) found.set(name, { part, edge, area: part.getBBox() });
  });
  return found;
}

function words(svg: SVGSVGElement): SVGGElement[] {
  return [...svg.querySelectorAll<SVGGElement>("[data-part^=words-]")];
}

const timing: KeyframeAnimationOptions = { duration: CHANGE, easing: EASING, fill: "both" };

function moved(part: SVGElement, transform: string, back = false): Animation {
  const frames = [{ transform }, { transform: "none" }];
  return part.animate(back ? frames.toReversed() : frames, timing);
}

/**
 * What a piece looks like now takes the place of what it looked like; both are in the page, and the former goes when it
 * is done. Says whether there is anything to be seen of that, so that the former stays until then.
 */
export function changed(former: SVGSVGElement, next: SVGSVGElement | null): boolean {
  const before = plates(former);
  const after = next ? plates(next) : new Map<string, Plate>();
  if (before.size === 0 && after.size === 0) return false;
  after.forEach((plate, name) => {
    moved(plate.part, fromArea(before.get(name)?.area ?? closed(plate.area, plate.edge), plate.area));
  });
  if (next) {
    words(next).forEach((part) => part.animate([{ opacity: 0 }, { opacity: 0, offset: 0.35 }, { opacity: 1 }], timing));
  }
  before.forEach((plate, name) => {
    if (after.has(name)) plate.part.style.visibility = "hidden";
    else moved(plate.part, fromArea(closed(plate.area, plate.edge), plate.area), true);
  });
  const fading = words(former).map((part) =>
    part.animate([{ opacity: 1 }, { opacity: 0, offset: 0.4 }, { opacity: 0 }], timing),
  );
  return before.size > 0 && fading.length > 0;
}
