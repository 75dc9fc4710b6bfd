import { FeedFollower } from "../painter/feed";
import { Painter } from "../painter/painter";
import { ServerClock } from "../painter/serverClock";
import type { Schemas } from "./client";

/** Which picture one wants to follow. */
export type FeedName = Pick<Schemas["WatchScene"], "theme" | "scene" | "canvas"> &
  Partial<Pick<Schemas["WatchScene"], "part" | "source">>;

/** Somebody else in the editor. */
export type Person = Schemas["Person"];

/** Where one is in the editor. */
export type At = Omit<Schemas["Whereabouts"], "type">;

type Said =
  | Schemas["WatchScene"]
  | Schemas["FollowTheme"]
  | Schemas["FollowShow"]
  | Schemas["ShowPass"]
  | Schemas["Leave"]
  | Schemas["Whereabouts"]
  | Schemas["AskTime"];

type Heard =
  | Schemas["Welcome"]
  | Schemas["Patch"]
  | Schemas["Changed"]
  | Schemas["ShowChanged"]
  | Schemas["Arrived"]
  | Schemas["PeopleHere"]
  | Schemas["Time"]
  | Schemas["Refusal"];

interface Following {
  name: FeedName;
  follower: FeedFollower;
}

/** The server closes with it, so that whoever may still come in does so with what they may do now. */
const RIGHTS_CHANGED = 4205;

/** Whoever came with a pass: it is none, or good for nothing any more. */
const ENDED = [4404, 4410];

/** Milliseconds after which a server that says nothing is asked whether it is there. */
const BEAT = 2500;
/** So many times it is asked before the connection is given up. */
const DEAD = 5;

/** A picture that is followed. */
export interface Followed {
  stop: () => void;
  arrive: () => void;
  hold: Painter["hold"];
}

/** A page's one connection; every picture on it shares it. */
export class Live {
  private beat: number | undefined;
  /** How often the server was asked since it last said anything. */
  private silence = 0;
  readonly clock = new ServerClock();
  private socket: WebSocket | null = null;
  private readonly following = new Map<string, Following>();
  private readonly themes = new Map<string, Set<(told: Schemas["Changed"]) => void>>();
  private readonly shows = new Map<string, Set<(version: number) => void>>();
  private readonly hearers = new Set<(people: Person[]) => void>();
  private readonly returns = new Set<() => void>();
  private readonly arrivals = new Set<(told: Schemas["Arrived"]) => void>();
  private readonly standing = new Set<(connected: boolean) => void>();
  private readonly endings = new Set<() => void>();
  private address = "/live/editor";
  private pass = "";
  private ended = false;
  private readonly watchers = new Set<() => void>();
  private lost = false;
  private here: At | null = null;
  private count = 0;
  private wait = 250;

  /** Keeps a picture painted in a host until the returned function is called. */
  follow(
    host: HTMLElement,
    name: FeedName,
    moving: boolean,
    painted: (width: number, height: number) => void,
  ): Followed {
    const feed = `f${String(++this.count)}`;
    const painter = new Painter(host, this.clock.now, moving);
    const follower = new FeedFollower(
      painter,
      () => this.watch(feed),
      () => painted(painter.width, painter.height),
    );
    this.following.set(feed, { name, follower });
    if (this.socket) this.watch(feed);
    else this.connect();
    return {
      stop: () => {
        this.following.delete(feed);
        this.send({ type: "leave", feed });
        painter.dispose();
      },
      arrive: () => painter.arrive(),
      hold: (places) => painter.hold(places),
    };
  }

  /** Hears of every change of a theme. */
  followTheme(theme: string, listener: (told: Schemas["Changed"]) => void): () => void {
    const listeners = this.themes.get(theme) ?? new Set();
    this.themes.set(theme, listeners.add(listener));
    if (this.socket) this.send({ type: "followTheme", theme });
    else this.connect();
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0) this.themes.delete(theme);
    };
  }

  /** Hears of every cue of a show. */
  followShow(show: string, listener: (version: number) => void): () => void {
    const listeners = this.shows.get(show) ?? new Set();
    this.shows.set(show, listeners.add(listener));
    if (this.socket) this.send({ type: "followShow", show });
    else this.connect();
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0) this.shows.delete(show);
    };
  }

  /** Comes with a pass, and not as somebody who is signed in; to be said before anything else. */
  withPass(token: string): void {
    this.address = "/live/desk";
    this.pass = token;
  }

  /** Hears how far what a show says has come. */
  onArrived(listener: (told: Schemas["Arrived"]) => void): () => void {
    this.arrivals.add(listener);
    return () => this.arrivals.delete(listener);
  }

  /** Hears whether the server can be reached, now and whenever that changes. */
  onStanding(listener: (connected: boolean) => void): () => void {
    this.standing.add(listener);
    this.beat ??= window.setInterval(() => this.ask(), BEAT);
    listener(this.socket?.readyState === WebSocket.OPEN);
    return () => this.standing.delete(listener);
  }

  /** Hears when one's pass is good for nothing any more. */
  onEnded(listener: () => void): () => void {
    this.endings.add(listener);
    return () => this.endings.delete(listener);
  }

  /** Hears when the server is there again after it was away: what changed meanwhile was not told. */
  onReturn(listener: () => void): () => void {
    this.returns.add(listener);
    return () => this.returns.delete(listener);
  }

  /** Hears when one may do other things than before, or nothing any more; connected while somebody listens. */
  onRights(listener: () => void): () => void {
    this.watchers.add(listener);
    if (!this.socket) this.connect();
    return () => this.watchers.delete(listener);
  }

  /** Hears who else looks at the theme that one is on. */
  onPeople(hearer: (people: Person[]) => void): () => void {
    this.hearers.add(hearer);
    return () => this.hearers.delete(hearer);
  }

  /** Says where one is; null says nothing more. */
  at(here: At | null): void {
    this.here = here;
    if (!here) return;
    if (this.socket) this.send({ type: "at", ...here });
    else this.connect();
  }

  /** A connection that is dead without an end, as on a phone between two masts, is noticed by what is not answered. */
  private ask(): void {
    if (this.socket?.readyState !== WebSocket.OPEN || this.standing.size === 0) return;
    this.silence++;
    if (this.silence === 2) this.standing.forEach((listener) => listener(false));
    if (this.silence >= DEAD) this.socket.close();
    else this.send({ type: "time", sent: Date.now() });
  }

  private connect(): void {
    const scheme = location.protocol === "https:" ? "wss" : "ws";
    const socket = new WebSocket(`${scheme}://${location.host}${this.address}`);
    this.socket = socket;
    socket.onopen = () => {
      this.wait = 250;
      if (this.pass !== "") this.send({ type: "pass", token: this.pass });
      this.send({ type: "time", sent: Date.now() });
      this.silence = 0;
      this.following.forEach((_, feed) => this.watch(feed));
      this.themes.forEach((_, theme) => this.send({ type: "followTheme", theme }));
      this.shows.forEach((_, show) => this.send({ type: "followShow", show }));
      if (this.here) this.send({ type: "at", ...this.here });
      if (this.lost) this.returns.forEach((listener) => listener());
      this.lost = false;
      this.standing.forEach((listener) => listener(true));
    };
    socket.onmessage = (event) => {
      if (this.silence > 1) this.standing.forEach((listener) => listener(true));
      this.silence = 0;
      this.receive(JSON.parse(event.data as string) as Heard);
    };
    socket.onclose = (event) => {
      this.socket = null;
      this.lost = true;
      this.standing.forEach((listener) => listener(false));
      if (this.pass !== "" && ENDED.includes(event.code)) {
        this.ended = true;
        this.endings.forEach((listener) => listener());
      }
      if (this.ended) return;
      if (event.code === RIGHTS_CHANGED) this.watchers.forEach((listener) => listener());
      this.hearers.forEach((hearer) => hearer([]));
      if (this.following.size + this.themes.size + this.shows.size + this.watchers.size === 0 && !this.here) return;
      window.setTimeout(() => {
        if (!this.socket) this.connect();
      }, this.wait);
      this.wait = Math.min(8000, this.wait * 2);
    };
  }

  private receive(message: Heard): void {
    switch (message.type) {
      case "welcome":
        this.clock.rough(message.now);
        void this.following.get(message.feed)?.follower.welcome(message);
        break;
      case "patch":
        this.following.get(message.feed)?.follower.patch(message);
        break;
      case "time":
        this.clock.measured(message.sent, message.now);
        break;
      case "changed":
        this.themes.get(message.theme)?.forEach((listener) => listener(message));
        break;
      case "show":
        this.shows.get(message.show)?.forEach((listener) => listener(message.version));
        break;
      case "arrived":
        this.arrivals.forEach((listener) => listener(message));
        break;
      case "people":
        this.hearers.forEach((hearer) => hearer(message.people));
        break;
      case "error":
        break;
    }
  }

  private watch(feed: string): void {
    const following = this.following.get(feed);
    if (following)
      this.send({
        type: "watchScene",
        feed,
        part: "WHOLE",
        source: "DRAFT",
        ...following.name,
        ...following.follower.standing,
      });
  }

  private send(message: Said): void {
    if (this.socket?.readyState === WebSocket.OPEN) this.socket.send(JSON.stringify(message));
  }
}

export const live = new Live();
