import type { Schemas } from "../api/client";
import { Meter } from "./meter";

type Play = Schemas["Play"];

/** Whether this page may be heard. */
export type Hearing = Schemas["Report"]["sound"];

/** Milliseconds before its time at which a sound is put into the audio clock. */
const AHEAD = 1200;
/** Seconds in which a sound that ends early dies away, so that it does not click. */
const FADE = 0.05;

interface Playing {
  play: Play;
  timer: number;
  source: AudioBufferSourceNode | null;
  gain: GainNode | null;
}

/**
 * Sounds through Web Audio: fetched and decoded once, and played at instants of the server's clock. Whoever comes in the
 * middle of one hears the rest of it.
 */
export class Sounder {
  private context: AudioContext | null = null;
  private meter: Meter | null = null;
  private readonly decoded = new Map<string, Promise<AudioBuffer>>();
  private readonly playing = new Map<string, Playing>();

  /**
   * @param now     of the server, epoch milliseconds
   * @param changed hears when the page may be heard, or may no longer
   */
  constructor(
    private readonly now: () => number,
    private readonly changed: () => void,
  ) {}

  get hearing(): Hearing {
    if (!this.context) return "UNTRIED";
    return this.context.state === "running" ? "RUNS" : "BLOCKED";
  }

  /** What is heard from now on; plays that are not in it end. */
  told({ on, load, plays }: Pick<Schemas["Sounding"], "on" | "load" | "plays">): void {
    if (on && !this.context) this.begin();
    for (const address of this.decoded.keys()) if (!load.includes(address)) this.decoded.delete(address);
    if (this.context) load.forEach((address) => void this.buffer(address).catch(() => undefined));
    for (const [key, one] of this.playing) {
      const next = plays.find((play) => play.key === key);
      if (!next || next.from !== one.play.from || next.address !== one.play.address) this.end(key, one);
      else if (next.until !== one.play.until) this.until(one, next);
    }
    plays.filter((play) => !this.playing.has(play.key)).forEach((play) => this.plan(play));
  }

  /** In LUFS, of what is heard at this moment; minus infinity for nothing. */
  loudness(): number {
    if (!this.context) return -Infinity;
    // Only where somebody looks at it is it measured; what plays already goes past it.
    this.meter ??= new Meter(this.context);
    return this.meter.loudness;
  }

  /** Some browsers wait for a press before a page may sound. */
  pressed(): void {
    if (this.context?.state === "suspended") void this.context.resume().catch(() => undefined);
  }

  private begin(): void {
    this.context = new AudioContext();
    this.context.onstatechange = this.changed;
    this.changed();
  }

  private buffer(address: string): Promise<AudioBuffer> {
    const known = this.decoded.get(address);
    if (known) return known;
    const context = this.context as AudioContext;
    const made = fetch(address)
      .then((response) => {
        if (!response.ok) throw new Error(String(response.status));
        return response.arrayBuffer();
      })
      .then((bytes) => context.decodeAudioData(bytes));
    this.decoded.set(address, made);
    // Another try when it is wanted again.
    made.catch(() => this.decoded.delete(address));
    return made;
  }

  private plan(play: Play): void {
    if (play.until <= this.now()) return;
    const one: Playing = { play, timer: 0, source: null, gain: null };
    this.playing.set(play.key, one);
    one.timer = window.setTimeout(() => void this.start(one), Math.max(0, play.from - this.now() - AHEAD));
  }

  private async start(one: Playing): Promise<void> {
    const { play } = one;
    try {
      const context = this.context as AudioContext;
      const buffer = await this.buffer(play.address);
      if (this.playing.get(play.key) !== one) return;
      const late = (this.now() - play.from) / 1000;
      if (late < buffer.duration) {
        one.source = context.createBufferSource();
        one.gain = context.createGain();
        one.source.buffer = buffer;
        one.gain.gain.value = amplitude(play.gain);
        one.source.connect(one.gain).connect(this.meter?.input ?? context.destination);
        one.source.start(context.currentTime + Math.max(0, -late), Math.max(0, late));
        this.until(one, play);
      }
    } catch {
      // It cannot be had now; viewers see the alert all the same.
    }
    window.setTimeout(
      () => {
        if (this.playing.get(play.key) === one) this.playing.delete(play.key);
      },
      Math.max(0, play.until - this.now()) + 1000,
    );
  }

  /** Lets it die away where its alert ends. */
  private until(one: Playing, play: Play): void {
    one.play = play;
    const context = this.context as AudioContext;
    if (!one.source || !one.gain) return;
    const end = context.currentTime + Math.max(0, (play.until - this.now()) / 1000);
    const level = amplitude(play.gain);
    one.gain.gain.cancelScheduledValues(0);
    one.gain.gain.setValueAtTime(level, Math.max(context.currentTime, end - FADE));
    one.gain.gain.linearRampToValueAtTime(0, end + 0.001);
    one.source.stop(end + FADE);
  }

  private end(key: string, one: Playing): void {
    window.clearTimeout(one.timer);
    this.playing.delete(key);
    if (one.source && one.gain && this.context) {
      const now = this.context.currentTime;
      one.gain.gain.cancelScheduledValues(0);
      one.gain.gain.setValueAtTime(one.gain.gain.value, now);
      one.gain.gain.linearRampToValueAtTime(0, now + FADE);
      one.source.stop(now + FADE);
    }
  }
}

/** What samples are multiplied with for a gain in dB. */
function amplitude(gain: number): number {
  return 10 ** (gain / 20);
}
