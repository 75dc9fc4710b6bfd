import { CHANGE, changed, type Area } from "./change";
import { tickClocks, type Clock, findClocks } from "./clocks";
import { loadOwnFaces } from "./ownFaces";
import { ParticleDrawer } from "./particles";
import type { Layer, Movement, Patch, Picture } from "./picture";

/**
 * Mounts pictures and moves what moves. It decides nothing: places, colours, sizes and words come finished.
 *
 * The host gets the picture's size in pixels; whoever owns it scales it.
 */
export class Painter {
  private readonly host: HTMLElement;
  private readonly now: () => number;
  private readonly moving: boolean;
  private readonly mounted = new Map<string, SVGSVGElement>();
  /** By piece: how it looked before it became another, while that is still seen. */
  private readonly leaving = new Map<string, SVGSVGElement>();
  /** By piece: where somebody who moves it has it. */
  private held = new Map<string, Area>();
  private letGo = 0;
  /** By piece: how it comes in when the scene comes on. */
  private readonly arrivals = new Map<string, Movement>();
  /** When the scene came on, on the page's own time line; null while it is off, 0 where it never came on. */
  private came: number | null = 0;
  private readonly particles: ParticleDrawer;
  private clocks: Clock[] = [];
  private timer = 0;
  private x = 0;
  private y = 0;
  width = 0;
  height = 0;

  /**
   * @param now    the server's clock
   * @param moving whether loops and entrances run; a still painter shows everything at rest
   */
  constructor(host: HTMLElement, now: () => number, moving: boolean) {
    this.host = host;
    this.now = now;
    this.moving = moving;
    this.particles = new ParticleDrawer(now);
  }

  show(picture: Picture): void {
    this.resize(picture);
    this.mounted.forEach((layer) => layer.remove());
    this.mounted.clear();
    this.arrivals.clear();
    picture.layers.forEach((layer) => this.mount(layer));
    this.arrange(picture.layers.map((layer) => layer.piece));
  }

  /** Takes over layers that stand in the host already, as the server wrote them. */
  adopt(first: Area & { layers: Omit<Layer, "svg" | "blend" | "box">[] }): void {
    this.resize(first);
    for (const layer of first.layers) {
      const svg = this.host.querySelector<SVGSVGElement>(`svg[data-piece="${CSS.escape(layer.piece)}"]`);
      if (!svg) continue;
      this.mounted.set(layer.piece, svg);
      this.begin(svg, layer.movements);
      this.arrival(layer);
    }
    this.arrange(first.layers.map((layer) => layer.piece));
    if (this.came === null) this.mounted.forEach((svg, piece) => this.enter(svg, piece));
    else this.arrive();
    this.mounted.forEach((svg) => svg.style.removeProperty("visibility"));
  }

  patch(patch: Patch): void {
    this.resize(patch);
    patch.layers.forEach((layer) => this.mount(layer));
    const wanted = new Set(patch.order);
    for (const [piece, layer] of this.mounted) {
      if (!wanted.has(piece)) {
        this.leave(layer, null);
        this.mounted.delete(piece);
      }
    }
    this.arrange(patch.order);
  }

  /**
   * Pieces that somebody moves stand where they are held, as they look; pictures that come meanwhile take them over.
   * What is let go stays there until the picture of it has come, or a moment where none comes.
   *
   * @param places their boxes before they are turned, in pixels of the canvas
   */
  hold(places: ReadonlyMap<string, Area>): void {
    if (places.size === 0 && (this.held.size === 0 || this.letGo !== 0)) return;
    clearTimeout(this.letGo);
    this.letGo = places.size > 0 ? 0 : window.setTimeout(() => this.carry(places), LET_GO);
    this.carry(places.size > 0 ? places : this.held);
  }

  private carry(places: ReadonlyMap<string, Area>): void {
    const before = this.held;
    this.held = new Map(places);
    for (const piece of new Set([...before.keys(), ...places.keys()])) {
      const svg = this.mounted.get(piece);
      if (svg) this.place(svg, piece);
    }
  }

  private place(svg: SVGSVGElement, piece: string): void {
    const at = this.held.get(piece);
    const from = boxes.get(svg);
    if (this.letGo !== 0 && at && from && same(at.x, from.x) && same(at.y, from.y)) this.held.delete(piece);
    // Another size is no other place: it is seen when its picture has come.
    if (this.held.has(piece) && at && from && same(at.width, from.width) && same(at.height, from.height)) {
      svg.style.willChange = "translate";
      svg.style.translate = `${String(at.x - from.x)}px ${String(at.y - from.y)}px`;
    } else {
      svg.style.removeProperty("will-change");
      svg.style.removeProperty("translate");
    }
  }

  /** The scene comes on: what comes in does so from now. */
  arrive(): void {
    this.came = performance.now();
    this.mounted.forEach((svg, piece) => this.enter(svg, piece));
  }

  /** The scene went off: what comes in waits for its next time, so that nothing of it flashes up before. */
  leaveScene(): void {
    if (this.came === null) return;
    this.came = null;
    this.mounted.forEach((svg, piece) => this.enter(svg, piece));
  }

  clear(): void {
    this.show({ x: this.x, y: this.y, width: this.width, height: this.height, layers: [] });
  }

  /** Whether anything is being animated now. */
  get busy(): boolean {
    return (
      this.particles.busy ||
      this.host.getAnimations({ subtree: true }).some((animation) => animation.playState === "running")
    );
  }

  /** After the server's clock was measured anew: everything timed is set to it. */
  retime(): void {
    this.host.getAnimations({ subtree: true }).forEach((animation) => {
      const movement = timed.get(animation);
      if (movement) setTime(animation, movement, this.now());
    });
    this.tick();
  }

  dispose(): void {
    clearTimeout(this.timer);
    clearTimeout(this.letGo);
    this.particles.stop();
    this.mounted.forEach((layer) => layer.remove());
    this.mounted.clear();
  }

  private resize({ x, y, width, height }: Area): void {
    this.x = x;
    this.y = y;
    this.width = width;
    this.height = height;
    this.host.style.width = `${String(width)}px`;
    this.host.style.height = `${String(height)}px`;
  }

  private mount(layer: Layer): void {
    loadOwnFaces(layer.svg);
    const holder = document.createElement("div");
    holder.innerHTML = `<svg xmlns="http://www.w3.org/2000/svg" width="${String(this.width)}" height="${String(this.height)}" viewBox="${String(this.x)} ${String(this.y)} ${String(this.width)} ${String(this.height)}">${layer.svg}</svg>`;
    const svg = holder.firstElementChild as SVGSVGElement;
    svg.style.cssText = "position:absolute;left:0;top:0;overflow:hidden";
    if (layer.blend !== "normal") svg.style.mixBlendMode = layer.blend;
    svg.dataset["piece"] = layer.piece;
    const former = this.mounted.get(layer.piece);
    this.mounted.set(layer.piece, svg);
    boxes.set(svg, layer.box);
    this.host.append(svg);
    this.begin(svg, layer.movements);
    this.arrival(layer);
    this.enter(svg, layer.piece);
    if (former) this.leave(former, svg);
    this.place(svg, layer.piece);
  }

  /** What was seen of a piece goes; where its plates grow or shrink, once they have. */
  private leave(former: SVGSVGElement, next: SVGSVGElement | null): void {
    // Of several changes in a row only the last one is seen in motion.
    const piece = former.dataset["piece"] ?? "";
    this.leaving.get(piece)?.remove();
    // What is held stands somewhere else, and nothing more.
    if (!this.moving || (next && this.held.has(piece)) || !changed(former, next)) {
      former.remove();
      return;
    }
    // It is no piece of the picture any more.
    delete former.dataset["piece"];
    this.leaving.set(piece, former);
    window.setTimeout(() => {
      former.remove();
      if (this.leaving.get(piece) === former) this.leaving.delete(piece);
    }, CHANGE);
  }

  private begin(svg: SVGSVGElement, movements: Movement[]): void {
    clampTexts(svg);
    if (this.moving) movements.forEach((movement) => this.move(svg, movement));
  }

  private arrival({ piece, arrival }: Pick<Layer, "piece" | "arrival">): void {
    const [movement] = arrival;
    if (movement && this.moving) this.arrivals.set(piece, movement);
    else this.arrivals.delete(piece);
  }

  /** Moves all of a piece as it comes in; what is replaced meanwhile goes on where it was. */
  private enter(svg: SVGSVGElement, piece: string): void {
    entering.get(svg)?.cancel();
    const movement = this.arrivals.get(piece);
    if (!movement || this.came === 0) return;
    const over = movement.delay + movement.millis;
    if (this.came !== null && performance.now() - this.came >= over) return;
    // Frames are in pixels of the canvas, of which the host may show a part.
    svg.style.transformOrigin = `${String(-this.x)}px ${String(-this.y)}px`;
    const animation = svg.animate(
      movement.frames.map((frame) => ({ ...frame, easing: movement.easing })),
      { duration: movement.millis, delay: movement.delay, fill: "both" },
    );
    entering.set(svg, animation);
    // It ends as it stands.
    animation.onfinish = () => animation.cancel();
    if (this.came === null) animation.pause();
    else animation.startTime = this.came;
  }

  private move(svg: SVGSVGElement, movement: Movement): void {
    const part = svg.querySelector(`[data-part="${CSS.escape(movement.part)}"]`);
    if (!part) return;
    const animation = part.animate(
      movement.frames.map((frame) => ({ ...frame, easing: movement.easing })),
      {
        duration: movement.millis,
        delay: movement.delay,
        iterations: movement.cycles === 0 ? Infinity : movement.cycles,
        direction: movement.alternate ? "alternate" : "normal",
        fill: "both",
      },
    );
    timed.set(animation, movement);
    setTime(animation, movement, this.now());
  }

  /** Puts layers in order without moving those that are in place, since moving restarts animations. */
  private arrange(order: string[]): void {
    let place: ChildNode | null = this.host.firstChild;
    for (const piece of order) {
      const layer = this.mounted.get(piece);
      if (!layer) continue;
      if (layer === place) place = place.nextSibling;
      else this.host.insertBefore(layer, place);
    }
    this.clocks = findClocks(this.host);
    this.particles.find(this.host, this.moving);
    this.tick();
  }

  private tick(): void {
    clearTimeout(this.timer);
    const wait = tickClocks(this.clocks, this.now());
    if (wait !== null) this.timer = window.setTimeout(() => this.tick(), wait);
  }
}

/** Whether two lengths are one to the eye, in pixels of the canvas. */
const same = (one: number, other: number) => Math.abs(one - other) < 1;

/** Milliseconds after which what was let go is where pictures have it. */
const LET_GO = 500;

/** Where the picture of a piece has it. */
const boxes = new WeakMap<SVGSVGElement, Area>();
const timed = new WeakMap<Animation, Movement>();
const entering = new WeakMap<SVGSVGElement, Animation>();

/**
 * Every source that shows a movement shows the same moment of it. The instant of its start is set, not how far it is:
 * an animation that is set to a time waits for the next frame before it goes on, and stays that late for ever.
 */
function setTime(animation: Animation, movement: Movement, now: number): void {
  const round = movement.millis * (movement.alternate ? 2 : 1);
  const elapsed = movement.start > 0 ? now - movement.start : (now % round) + round;
  animation.startTime = performance.now() - elapsed;
}

/** Characters outside the shipped fonts have widths that the server cannot know: they are squeezed into the room. */
function clampTexts(svg: SVGSVGElement): void {
  svg.querySelectorAll<SVGTextElement>("text[data-clamp]").forEach((text) => {
    const room = Number(text.dataset["clamp"]);
    requestAnimationFrame(() => {
      if (text.isConnected && text.getComputedTextLength() > room) {
        text.setAttribute("textLength", String(room));
        text.setAttribute("lengthAdjust", "spacingAndGlyphs");
      }
    });
  });
}
