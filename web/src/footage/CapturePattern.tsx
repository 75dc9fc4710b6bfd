import { useEffect, useRef } from "react";
import { useCalm } from "../app/useCalm";

/** Pixels across at most: it is shown smaller than what it stands for, and is drawn by the processor. */
const MOST = 960;
/** Milliseconds from one drawing to the next, at least. */
const PACE = 40;
/** Seconds into its movement at which it stands still. */
const STILL = 2;

interface Props {
  pattern: string;
  width: number;
  height: number;
  /** Where it lies when it covers its room, in the words of CSS's object-position; else it is stretched into it. */
  fill?: string;
}

/**
 * A moving stand-in for a capture: somebody at a camera, or a bird over a marsh; with a grid to judge crops by. It
 * stands still for whoever asks for less motion.
 */
export function CapturePattern({ pattern, width, height, fill }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const calm = useCalm();
  const scale = Math.min(1, MOST / width);
  const across = Math.round(width * scale);
  const down = Math.round(height * scale);
  useEffect(() => {
    const pen = canvas.current?.getContext("2d");
    if (!pen) return;
    const draw = (seconds: number) => DRAWN[pattern]?.(pen, across, down, seconds);
    if (calm) {
      draw(STILL);
      return;
    }
    let frame = 0;
    let last = 0;
    const step = (now: number) => {
      frame = requestAnimationFrame(step);
      if (now - last < PACE) return;
      last = now;
      draw(now / 1000);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [pattern, across, down, calm]);
  return (
    <canvas
      ref={canvas}
      width={across}
      height={down}
      className="size-full"
      style={fill === undefined ? undefined : { objectFit: "cover", objectPosition: fill }}
      aria-label={`${calm ? "Still" : "Moving"} ${pattern} pattern`}
    />
  );
}

type Pen = CanvasRenderingContext2D;

const DRAWN: Record<string, (pen: Pen, w: number, h: number, t: number) => void> = {
  camera: (pen, w, h, t) => {
    drawCamera(pen, w, h, t);
    drawGrid(pen, w, h);
  },
  play: (pen, w, h, t) => {
    drawPlay(pen, w, h, t);
    drawGrid(pen, w, h);
  },
  bright: drawBright,
  motion: drawMotion,
};

/** Midday on the mud: nearly white, with glitter. */
function drawBright(pen: Pen, w: number, h: number, t: number): void {
  const sky = pen.createLinearGradient(0, 0, 0, h);
  sky.addColorStop(0, "#dcecf5");
  sky.addColorStop(0.55, "#fffdf4");
  sky.addColorStop(1, "#e9dcc2");
  pen.fillStyle = sky;
  pen.fillRect(0, 0, w, h);
  pen.fillStyle = "#ffffff";
  for (let i = 0; i < 60; i++) {
    const lit = Math.sin(t * 2 + i * 1.7);
    if (lit < 0) continue;
    pen.globalAlpha = lit;
    pen.fillRect((((i * 97) % 100) / 100) * w, h * (0.58 + ((i * 41) % 40) / 100), w * 0.03, h * 0.006);
  }
  pen.globalAlpha = 1;
}

/** Reeds rushing past in wind: many edges, light and dark, in motion. */
function drawMotion(pen: Pen, w: number, h: number, t: number): void {
  pen.fillStyle = "#3d5a4a";
  pen.fillRect(0, 0, w, h);
  for (let i = 0; i < 48; i++) {
    const x = ((i / 48 + t * 0.12 * (1 + (i % 3))) % 1.1) * w - w * 0.05;
    pen.fillStyle = ["#d9c98f", "#1f2d24", "#8fae6c", "#f0ead2", "#56402a"][i % 5] ?? "#000";
    pen.beginPath();
    pen.moveTo(x, h);
    pen.quadraticCurveTo(x + w * 0.01, h * 0.5, x + Math.sin(t * 1.5 + i) * w * 0.05, (h * ((i * 13) % 50)) / 100);
    pen.lineTo(x + w * 0.012, h);
    pen.fill();
  }
}

function drawCamera(pen: Pen, w: number, h: number, t: number): void {
  const wall = pen.createLinearGradient(0, 0, w, h);
  wall.addColorStop(0, "#6b5642");
  wall.addColorStop(1, "#3a3733");
  pen.fillStyle = wall;
  pen.fillRect(0, 0, w, h);
  pen.fillStyle = "#88a7b5";
  pen.fillRect(w * 0.62, h * 0.14, w * 0.26, h * 0.2);
  const x = w / 2 + Math.sin(t * 0.9) * w * 0.03;
  const y = h * 0.44 + Math.sin(t * 1.7) * h * 0.012;
  pen.fillStyle = "#41584a";
  pen.beginPath();
  pen.ellipse(x, h * 1.02, w * 0.21, h * 0.36, 0, 0, 7);
  pen.fill();
  pen.fillStyle = "#d2a583";
  pen.beginPath();
  pen.ellipse(x, y, h * 0.15, h * 0.19, 0, 0, 7);
  pen.fill();
  pen.fillStyle = "#2f4638";
  pen.beginPath();
  pen.ellipse(x, y - h * 0.1, h * 0.17, h * 0.11, 0, Math.PI, 0);
  pen.fill();
  pen.fillStyle = "#2b211b";
  for (const side of [-1, 1]) {
    pen.beginPath();
    pen.arc(x + side * h * 0.055, y - h * 0.01, h * 0.014, 0, 7);
    pen.fill();
  }
}

function drawPlay(pen: Pen, w: number, h: number, t: number): void {
  const sky = pen.createLinearGradient(0, 0, 0, h * 0.6);
  sky.addColorStop(0, "#4d6277");
  sky.addColorStop(1, "#e0b27c");
  pen.fillStyle = sky;
  pen.fillRect(0, 0, w, h);
  pen.fillStyle = "#4c6b5d";
  pen.fillRect(0, h * 0.58, w, h * 0.42);
  pen.fillStyle = "#8ea58e";
  for (let i = 0; i < 9; i++) {
    const x = ((i * w) / 9 + t * 12 * (i % 3 === 0 ? 1 : 0.6)) % w;
    pen.fillRect(x, h * (0.64 + (i % 4) * 0.08), w * 0.06, h * 0.006);
  }
  pen.strokeStyle = "#3c4a33";
  pen.lineWidth = w * 0.003;
  for (let i = 0; i < 26; i++) {
    const x = (i / 26) * w;
    pen.beginPath();
    pen.moveTo(x, h);
    pen.quadraticCurveTo(x, h * 0.8, x + Math.sin(t + i) * w * 0.006, h * (0.68 + (i % 5) * 0.03));
    pen.stroke();
  }
  const x = ((t * 0.07) % 1.2) * w - w * 0.1;
  const y = h * (0.3 + Math.sin(t * 0.8) * 0.05);
  const wing = Math.sin(t * 8) * h * 0.04;
  pen.strokeStyle = "#22303a";
  pen.lineWidth = h * 0.012;
  pen.lineJoin = "round";
  pen.beginPath();
  pen.moveTo(x - h * 0.07, y - wing);
  pen.lineTo(x, y);
  pen.lineTo(x + h * 0.07, y - wing);
  pen.stroke();
}

function drawGrid(pen: Pen, w: number, h: number): void {
  pen.strokeStyle = "#ffffff30";
  pen.lineWidth = 1;
  pen.beginPath();
  for (let x = 0; x <= w; x += w / 16) {
    pen.moveTo(x, 0);
    pen.lineTo(x, h);
  }
  for (let y = 0; y <= h; y += h / 9) {
    pen.moveTo(0, y);
    pen.lineTo(w, y);
  }
  pen.stroke();
}
