/** What the server says of particles; lengths in pixels, angles in degrees, the grain's outline in thousandths of a pixel. */
interface Swarm {
  particles: {
    seed: number;
    count: number;
    size: number;
    speed: number;
    direction: number;
    drift: number;
    spin: number;
    aligned: boolean;
    opacity: number;
    twinkle: number;
    pile: number;
    rest: number;
  };
  grain: string;
  soft: boolean;
  colour: string;
  shadow: number;
  shade: number;
  picture: string;
  moving: boolean;
}

interface Running {
  canvas: HTMLCanvasElement;
  swarm: Swarm;
  sprite: CanvasImageSource | null;
  outline: Path2D;
}

const ROUND_SECONDS = 2 ** 20;
const FADE = 0.08;
const SWAYS = 3;
const UNIT = 0.001;

/** Draws particles on their canvases; the same as brandeon.core.motion.Particles, from the seed and the time alone. */
export class ParticleDrawer {
  private readonly now: () => number;
  private running: Running[] = [];
  private frame = 0;

  constructor(now: () => number) {
    this.now = now;
  }

  /** Takes up all canvases inside a host; those that went are let go. */
  find(host: Element, moving: boolean): void {
    const known = new Map(this.running.map((one) => [one.canvas, one]));
    this.running = [...host.querySelectorAll<HTMLCanvasElement>("canvas[data-swarm]")].map(
      (canvas) =>
        known.get(canvas) ??
        begin(canvas, () => {
          if (!this.frame) this.draw(false);
        }),
    );
    const run = moving && this.running.some((one) => one.swarm.moving);
    this.draw(run);
  }

  /** Whether anything runs. */
  get busy(): boolean {
    return this.frame !== 0;
  }

  stop(): void {
    cancelAnimationFrame(this.frame);
    this.frame = 0;
    this.running = [];
  }

  private draw(again: boolean): void {
    cancelAnimationFrame(this.frame);
    const now = this.now();
    this.running.forEach((one) => paint(one, again && one.swarm.moving ? now : 0));
    this.frame = again ? requestAnimationFrame(() => this.draw(true)) : 0;
  }
}

function begin(canvas: HTMLCanvasElement, loaded: () => void): Running {
  const swarm = JSON.parse(canvas.dataset["swarm"] ?? "") as Swarm;
  return {
    canvas,
    swarm,
    sprite: swarm.picture ? picture(swarm.picture, loaded) : null,
    outline: new Path2D(swarm.grain),
  };
}

function picture(name: string, loaded: () => void): HTMLImageElement {
  const image = new Image();
  image.onload = loaded;
  image.src = name;
  return image;
}

function paint({ canvas, swarm, sprite, outline }: Running, now: number): void {
  const context = canvas.getContext("2d");
  if (!context) return;
  const { width, height } = canvas;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, width, height);
  const seconds = (now / 1000) % ROUND_SECONDS;
  const ready = sprite instanceof HTMLImageElement ? sprite.complete && sprite.naturalWidth > 0 : false;
  let fill: CanvasGradient | string = swarm.colour;
  if (swarm.soft) {
    fill = context.createRadialGradient(0, 0, 0, 0, 0, 0.5 / UNIT);
    fill.addColorStop(0, swarm.colour);
    fill.addColorStop(1, swarm.colour.replace(/[\d.]+\)$/, "0)"));
  }
  for (let i = 0; i < swarm.particles.count; i++) {
    const grain = one(swarm.particles, i, seconds, width, height);
    const scale = grain.size * UNIT;
    const cos = Math.cos(grain.turn) * scale;
    const sin = Math.sin(grain.turn) * scale;
    if (swarm.shadow > 0) {
      context.setTransform(cos, sin, -sin, cos, grain.x + swarm.shadow, grain.y + swarm.shadow);
      context.globalAlpha = grain.opacity * swarm.shade;
      context.fillStyle = "#000";
      context.fill(outline, "evenodd");
    }
    context.setTransform(cos, sin, -sin, cos, grain.x, grain.y);
    context.globalAlpha = grain.opacity;
    if (ready && sprite instanceof HTMLImageElement) {
      const tall = sprite.naturalHeight / sprite.naturalWidth / UNIT;
      context.drawImage(sprite, -0.5 / UNIT, -tall / 2, 1 / UNIT, tall);
    } else if (!swarm.picture) {
      context.fillStyle = fill;
      context.fill(outline, "evenodd");
    }
  }
}

export interface Grain {
  x: number;
  y: number;
  size: number;
  turn: number;
  opacity: number;
}

/** One particle at a time in seconds, in a box in pixels. */
export function one(p: Swarm["particles"], i: number, seconds: number, width: number, height: number): Grain {
  const chance = (question: number) => mixed(p.seed, i, question);
  const depth = (i + 0.5) / p.count;
  const big = p.size * (0.5 + depth);
  const pace = p.speed * (0.5 + depth);
  const angle = (p.direction * Math.PI) / 180;
  const alongX = Math.cos(angle);
  const alongY = Math.sin(angle);
  const margin = big + p.drift;
  const way = Math.abs(alongX) * width + Math.abs(alongY) * height + 2 * margin;
  const across = Math.abs(alongY) * width + Math.abs(alongX) * height;
  const piles = p.pile > 0 && alongY > 0.5;
  const fall = way / pace;
  const lasts = fall + (piles ? p.rest : 0);
  const turns = seconds / lasts + chance(1);
  const round = Math.floor(turns);
  const at = (turns - round) * lasts;
  const gone = Math.min(1, at / fall);
  const side = (chance(4 + round * 3) - 0.5) * across;
  const sway = p.drift * Math.sin(2 * Math.PI * (gone * SWAYS + chance(2)));
  const ahead = (gone - 0.5) * way;
  const x = width / 2 + alongX * ahead - alongY * (side + sway);
  let y = height / 2 + alongY * ahead + alongX * (side + sway);
  let shown = Math.min(1, Math.min(gone, piles ? 1 : 1 - gone) / FADE);
  if (piles) {
    const heap = p.pile * chance(5 + round * 3) * (0.4 + 0.6 * Math.sin(Math.PI * Math.min(1, Math.max(0, x / width))));
    y = Math.min(y, height - heap - big * 0.3);
    shown = Math.min(shown, Math.min(1, (lasts - at) / (p.rest * 0.3 + 0.001)));
  }
  const light = 1 - p.twinkle * (0.5 + 0.5 * Math.sin(2 * Math.PI * (seconds * (0.5 + chance(3)) + chance(2))));
  const turn = p.aligned ? angle : p.spin > 0 ? 2 * Math.PI * (chance(6 + round * 3) + p.spin * gone) : 0;
  return { x, y, size: big, turn, opacity: Math.min(1, p.opacity * (0.4 + 0.6 * depth) * shown * light) };
}

/** A number from 0 to 1 that belongs to a particle and a question: a 32-bit mixing of both with the seed. */
function mixed(seed: number, particle: number, question: number): number {
  let bits = seed ^ Math.imul(particle, 0x9e3779b1) ^ Math.imul(question, 0x85ebca77);
  bits = Math.imul(bits ^ (bits >>> 16), 0x7feb352d);
  bits = Math.imul(bits ^ (bits >>> 15), 0x846ca68b);
  bits ^= bits >>> 16;
  return (bits >>> 0) / 4294967296;
}
