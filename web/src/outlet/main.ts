import type { Schemas } from "../api/client";
import { FeedFollower, type First } from "../painter/feed";
import { fitIn } from "../painter/fit";
import { Painter } from "../painter/painter";
import { ServerClock } from "../painter/serverClock";
import { Sounder } from "../sound/sounder";
import { Keeping } from "./keeping";
import { loads, program } from "./place";
import { isTold, type Listening, type Loud, type Told } from "./told";
import { wordsTakeOver } from "./words";

type Said = Schemas["Watch"] | Schemas["Report"] | Schemas["AskTime"];

type Heard =
  | Schemas["Welcome"]
  | Schemas["Patch"]
  | Schemas["Changed"]
  | Schemas["Sounding"]
  | Schemas["Time"]
  | Schemas["Refusal"];

const FIRST_WAIT = 250;
const LONGEST_WAIT = 8000;
const REPORT_EVERY = 4000;
/** How often the practice rig hears how loud a source is; milliseconds. */
const METERS = 200;
/** Every so many of those. */
const SELDOM = 10;
/** A page with a former link asks again that often, so that one knows where it is still open; milliseconds. */
const GONE_AGAIN = 60_000;
/** The server says: this link is no longer good, or never was. */
const GONE = [4404, 4410];

const host = document.getElementById("overlay") as HTMLElement;
const token = location.pathname.split("/").pop() ?? "";
const clock = new ServerClock();
const painter = new Painter(host, clock.now, true);
const keeping = new Keeping();
const sounder = new Sounder(clock.now, report);
let socket: WebSocket | null = null;
let wait = FIRST_WAIT;

const follower = new FeedFollower(painter, watch, () => {
  fit();
  report();
  keeping.changed();
});

/** The server writes the picture of the moment into the page. */
function firstPicture(): First {
  return JSON.parse(document.getElementById("first")?.textContent ?? "") as First;
}

/** What stands in the link for this source alone. */
const settings = location.search.length > 1 ? `&set=${encodeURIComponent(location.search.slice(1))}` : "";

/** Within another page, as in the practice rig, viewers do not see it. */
const framed = window.top === window ? "" : "&framed";

function connect(): void {
  const scheme = location.protocol === "https:" ? "wss" : "ws";
  socket = new WebSocket(
    `${scheme}://${location.host}/live/outlet?token=${encodeURIComponent(token)}${framed}${settings}`,
  );
  socket.onopen = () => {
    wait = FIRST_WAIT;
    watch();
    measure();
    window.setTimeout(measure, 300);
    window.setTimeout(measure, 1500);
  };
  socket.onmessage = (event) => receive(JSON.parse(event.data as string) as Heard);
  socket.onclose = (event) => {
    socket = null;
    if (GONE.includes(event.code)) {
      painter.clear();
      window.setTimeout(() => location.reload(), GONE_AGAIN);
      return;
    }
    // What is painted stays; clocks go on. Jitter keeps many sources from coming back at the same moment.
    window.setTimeout(connect, wait * (0.5 + Math.random()));
    wait = Math.min(LONGEST_WAIT, wait * 2);
  };
}

function receive(message: Heard): void {
  switch (message.type) {
    case "welcome":
      clock.rough(message.now);
      void follower.welcome(message);
      break;
    case "patch":
      follower.patch(message);
      break;
    case "sounding":
      sounder.told(message);
      break;
    case "time":
      if (clock.measured(message.sent, message.now)) painter.retime();
      break;
    case "changed":
    case "error":
      break;
  }
}

function send(message: Said): void {
  if (socket?.readyState === WebSocket.OPEN) socket.send(JSON.stringify(message));
}

function watch(): void {
  send({ type: "watch", feed: "o", ...follower.standing });
}

function measure(): void {
  send({ type: "time", sent: Date.now() });
}

/** A source of the wrong size shows the whole picture, smaller or larger, so that nothing is cut off. */
function fit(): void {
  fitIn(host, painter.width, painter.height);
}

/** Of the last looks at frames: the longest time between two, and how many a second there were. */
const looks: { longest: number; rate: number }[] = [];
const LOOKS = 3;

/** While something moves, watches frames for half a second; a still picture is left alone. */
function sampleFrames(): void {
  if (!painter.busy || document.hidden) {
    looks.length = 0;
    return;
  }
  const begin = performance.now();
  let last = begin;
  let longest = 0;
  let frames = 0;
  const step = (now: number) => {
    if (frames > 0) longest = Math.max(longest, now - last);
    frames++;
    last = now;
    if (now < begin + 500) requestAnimationFrame(step);
    else looks.push({ longest, rate: ((frames - 1) * 1000) / (now - begin) });
    if (looks.length > LOOKS) looks.shift();
  };
  requestAnimationFrame(step);
}

/** The middle one of several looks, so that a single hiccup is not told. */
function middle(figure: (look: (typeof looks)[number]) => number): number {
  if (looks.length < LOOKS) return 0;
  return looks.map(figure).sort((a, b) => a - b)[1] ?? 0;
}

const here = { program: program(), loads: loads(token.slice(-12), Date.now()), order: -1, under: -1 };
/** What the practice rig says of this source; in a broadcast the browser alone knows whether it is seen. */
let told: Told | null = null;

/** Whether this page is seen at all; within another page that is no viewer. */
function visible(): boolean {
  return told ? told.seen : !document.hidden;
}

function seen(): void {
  if (visible()) painter.arrive();
  else painter.leaveScene();
  report();
}

function report(): void {
  send({
    type: "report",
    width: innerWidth,
    height: innerHeight,
    pixelRatio: devicePixelRatio,
    hash: follower.standing.hash,
    visible: visible() && (told !== null || framed === ""),
    frames: middle((look) => look.longest),
    rate: middle((look) => look.rate),
    sound: sounder.hearing,
    ...here,
    ...(told && { program: told.program, loads: told.loads, order: told.order, under: told.under }),
  });
}

for (const press of ["pointerdown", "keydown"]) addEventListener(press, () => sounder.pressed());
addEventListener("resize", () => {
  fit();
  report();
});
document.addEventListener("visibilitychange", seen);
addEventListener("message", (event) => {
  // Only the page that this one stands in knows of it.
  if (event.source !== window.parent || framed === "" || !isTold(event.data)) return;
  const before = visible();
  told = event.data;
  if (visible() === before) report();
  else seen();
});
if (framed !== "") window.parent.postMessage({ brandeon: "listening" } satisfies Listening, "*");
window.setInterval(() => {
  sampleFrames();
  report();
}, REPORT_EVERY);
window.setInterval(measure, 60_000);
let loud = false;
let looked = 0;

/** Chromium alone says it. */
function heap(): number {
  const { memory } = performance as Performance & { memory?: { usedJSHeapSize: number } };
  return (memory?.usedJSHeapSize ?? 0) / 1e6;
}

window.setInterval(() => {
  if (!told) return;
  const lufs = sounder.loudness();
  looked = (looked + 1) % SELDOM;
  // Silence is said once, and what it holds now and then.
  if (!Number.isFinite(lufs) && !loud && looked !== 1) return;
  loud = Number.isFinite(lufs);
  const message: Loud = { brandeon: "loudness", lufs: loud ? lufs : null, heap: heap() };
  window.parent.postMessage(message, "*");
}, METERS);
// The page asks for this script once its first picture has been painted.
if (!visible()) painter.leaveScene();
follower.begin(firstPicture());
void wordsTakeOver(host);
connect();
keeping.begin();
