import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

const painted = vi.hoisted(() => [] as { shown: string[]; disposed: boolean }[]);

vi.mock("../painter/painter", () => ({
  Painter: class {
    shown: string[] = [];
    disposed = false;
    width = 0;
    height = 0;
    constructor() {
      painted.push(this);
    }
    show(picture: { layers: { piece: string }[] }) {
      this.shown = picture.layers.map((layer) => layer.piece);
    }
    patch(patch: { order: string[] }) {
      this.shown = patch.order;
    }
    adopt() {
      return undefined;
    }
    dispose() {
      this.disposed = true;
    }
  },
}));

import { Live, type Person } from "./live";

class Socket {
  static OPEN = 1;
  static all: Socket[] = [];
  readyState = 0;
  sent: Record<string, unknown>[] = [];
  onopen = () => undefined as unknown;
  onclose: (event: { code: number }) => unknown = () => undefined;
  onmessage = (event: { data: string }): unknown => event;

  constructor(readonly address: string) {
    Socket.all.push(this);
  }

  send(text: string) {
    this.sent.push(JSON.parse(text) as Record<string, unknown>);
  }

  open() {
    this.readyState = Socket.OPEN;
    this.onopen();
  }

  lose() {
    this.readyState = 3;
    this.onclose({ code: 1006 });
  }

  close() {
    this.lose();
  }

  hear(message: object) {
    this.onmessage({ data: JSON.stringify(message) });
  }

  of(type: string) {
    return this.sent.filter((message) => message["type"] === type);
  }
}

const NAME = { theme: "t", scene: "hide", canvas: "wide" };
const HERE = { theme: "t", scene: "hide", canvas: "wide", selected: ["band"] };
const host = {} as HTMLElement;
const last = () => Socket.all.at(-1) as Socket;

describe("the editor's connection", () => {
  let live: Live;

  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("window", globalThis);
    vi.stubGlobal("location", { protocol: "http:", host: "127.0.0.1:8420" });
    vi.stubGlobal("WebSocket", Socket);
    vi.stubGlobal(
      "fetch",
      vi.fn(() =>
        Promise.resolve({
          ok: true,
          json: () =>
            Promise.resolve({
              width: 1,
              height: 1,
              layers: [{ piece: "ground", svg: "", movements: [], blend: "normal" }],
            }),
        }),
      ),
    );
    Socket.all = [];
    painted.length = 0;
    live = new Live();
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const follow = (name = NAME) => live.follow(host, name, true, () => undefined).stop;

  it("is one for all pictures and asks for each as it opens", () => {
    follow();
    follow({ ...NAME, canvas: "upright" });
    expect(Socket.all).toHaveLength(1);
    expect(last().address).toBe("ws://127.0.0.1:8420/live/editor");
    expect(last().sent).toEqual([]);
    last().open();
    expect(
      last()
        .of("watchScene")
        .map((message) => message["canvas"]),
    ).toEqual(["wide", "upright"]);
    expect(last().of("watchScene")[0]).toMatchObject({ part: "WHOLE", source: "DRAFT", epoch: "", number: -1 });
  });

  it("paints each picture's patches into its own host", async () => {
    follow();
    follow({ ...NAME, canvas: "upright" });
    last().open();
    last().hear({ type: "welcome", feed: "f1", epoch: "e", number: 3, hash: "h", now: Date.now() });
    await vi.waitFor(() => expect(painted[0]?.shown).toEqual(["ground"]));
    last().hear({
      type: "patch",
      feed: "f1",
      number: 4,
      hash: "i",
      width: 1,
      height: 1,
      order: ["ground", "band"],
      layers: [],
    });
    expect(painted[0]?.shown).toEqual(["ground", "band"]);
    expect(painted[1]?.shown).toEqual([]);
  });

  it("leaves a picture that is off the screen", () => {
    const leave = follow();
    last().open();
    leave();
    expect(last().of("leave")).toEqual([{ type: "leave", feed: "f1" }]);
    expect(painted[0]?.disposed).toBe(true);
    last().hear({ type: "patch", feed: "f1", number: 1, hash: "i", width: 1, height: 1, order: ["late"], layers: [] });
    expect(painted[0]?.shown).toEqual([]);
  });

  it("comes back ever more slowly and says again what it follows and where one is", () => {
    follow();
    live.at(HERE);
    last().open();
    expect(last().of("at")).toEqual([{ type: "at", ...HERE }]);
    last().lose();
    vi.advanceTimersByTime(249);
    expect(Socket.all).toHaveLength(1);
    vi.advanceTimersByTime(1);
    expect(Socket.all).toHaveLength(2);
    last().lose();
    vi.advanceTimersByTime(499);
    expect(Socket.all).toHaveLength(2);
    vi.advanceTimersByTime(1);
    last().open();
    expect(last().of("watchScene")).toHaveLength(1);
    expect(last().of("at")).toEqual([{ type: "at", ...HERE }]);
    last().lose();
    vi.advanceTimersByTime(250);
    expect(Socket.all).toHaveLength(4);
  });

  it("never waits longer than eight seconds", () => {
    follow();
    for (let i = 0; i < 12; i++) {
      last().lose();
      vi.advanceTimersByTime(8000);
    }
    expect(Socket.all).toHaveLength(13);
  });

  it("tells of a return, since changes in between were not told", () => {
    const returned = vi.fn();
    live.onReturn(returned);
    follow();
    last().open();
    expect(returned).not.toHaveBeenCalled();
    last().lose();
    vi.advanceTimersByTime(250);
    last().open();
    expect(returned).toHaveBeenCalledOnce();
  });

  it("knows nobody else while it is cut off", () => {
    const heard: Person[][] = [];
    const forget = live.onPeople((people) => heard.push(people));
    follow();
    last().open();
    const person = { id: "1", name: "Oskar Dunlin", scene: "hide", canvas: "wide", selected: [] };
    last().hear({ type: "people", people: [person] });
    last().lose();
    expect(heard).toEqual([[person], []]);
    forget();
    vi.advanceTimersByTime(250);
    last().open();
    last().hear({ type: "people", people: [person] });
    expect(heard).toHaveLength(2);
  });

  it("tells of changes of what is followed, again after the connection was lost", () => {
    const changed = vi.fn();
    const cued = vi.fn();
    const unfollow = live.followTheme("t", changed);
    live.followShow("s", cued);
    last().open();
    expect(last().of("followTheme")).toEqual([{ type: "followTheme", theme: "t" }]);
    const told = { type: "changed", theme: "t", from: 8, version: 9 };
    last().hear(told);
    last().hear({ ...told, theme: "another" });
    last().hear({ type: "show", show: "s", version: 2 });
    last().hear({ type: "error", detail: "no" });
    last().hear({ type: "welcome", feed: "gone", epoch: "e", number: 0, hash: "h", now: 0 });
    expect(changed).toHaveBeenCalledExactlyOnceWith(told);
    expect(cued).toHaveBeenCalledTimes(1);
    last().lose();
    vi.advanceTimersByTime(250);
    last().open();
    expect(last().of("followShow")).toHaveLength(1);
    unfollow();
    last().hear(told);
    expect(changed).toHaveBeenCalledTimes(1);
  });

  it("notices that a connection is dead which nobody ended", () => {
    const standing = vi.fn();
    live.followShow("s", vi.fn());
    live.onStanding(standing);
    last().open();
    expect(standing).toHaveBeenLastCalledWith(true);
    // A server that answers is there, however little it says.
    for (let i = 0; i < 4; i++) {
      vi.advanceTimersByTime(2500);
      last().hear({ type: "time", sent: 0, now: 0 });
    }
    expect(standing).toHaveBeenLastCalledWith(true);
    vi.advanceTimersByTime(5000);
    expect(standing).toHaveBeenLastCalledWith(false);
    last().hear({ type: "time", sent: 0, now: 0 });
    expect(standing).toHaveBeenLastCalledWith(true);
    const silent = last();
    vi.advanceTimersByTime(12_500);
    expect(silent.readyState).toBe(3);
    vi.advanceTimersByTime(250);
    expect(last()).not.toBe(silent);
  });

  it("reads the server's clock", () => {
    vi.setSystemTime(10_000);
    follow();
    last().open();
    const sent = last().of("time")[0]?.["sent"];
    vi.setSystemTime(10_100);
    last().hear({ type: "time", sent, now: 60_000 });
    expect(live.clock.now()).toBe(60_050);
  });
});
