import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

/** As much of a browser's store as the keeper asks of it. */
class Store {
  readonly kept = new Map<string, Response>();
  match = (key: string | Request) => Promise.resolve(this.kept.get(path(key))?.clone());
  put = (key: string | Request, answer: Response) => {
    this.kept.set(path(key), answer);
    return Promise.resolve();
  };
  delete = (key: string | Request) => Promise.resolve(this.kept.delete(path(key)));
  keys = () => Promise.resolve([...this.kept.keys()]);
}

const ORIGIN = "http://127.0.0.1:8420";
const path = (key: string | Request) => (typeof key === "string" ? key : new URL(key.url).pathname);

type Handler = (event: Record<string, unknown>) => void;

describe("the keeper of outlet pages", () => {
  const handlers: Record<string, Handler> = {};
  const stores: Record<string, Store> = {};
  let server: (path: string) => Response | Promise<Response>;
  let asked: string[];

  beforeEach(async () => {
    vi.resetModules();
    for (const name of Object.keys(stores)) Reflect.deleteProperty(stores, name);
    asked = [];
    server = () => new Response("page");
    vi.stubGlobal("self", {
      addEventListener: (name: string, handler: Handler) => {
        handlers[name] = handler;
      },
      location: { origin: ORIGIN },
      skipWaiting: vi.fn(),
      clients: { claim: vi.fn() },
    });
    vi.stubGlobal("caches", { open: (name: string) => Promise.resolve((stores[name] ??= new Store())) });
    vi.stubGlobal(
      "Request",
      class extends Request {
        constructor(address: string, init?: RequestInit) {
          super(new URL(address, ORIGIN), init);
        }
      },
    );
    vi.stubGlobal("fetch", (request: Request) => {
      asked.push(path(request));
      return Promise.resolve().then(() => server(path(request)));
    });
    await import("./keeper");
  });

  afterEach(() => void vi.unstubAllGlobals());

  /** What a page of the outlet gets; undefined where the keeper leaves a request to the browser. */
  const get = async (address: string, mode = "cors", method = "GET"): Promise<Response | undefined> => {
    let answer: Promise<Response> | undefined;
    const request = { url: new URL(address, ORIGIN).href, method, mode };
    handlers["fetch"]?.({
      request,
      respondWith: (promise: Promise<Response>) => {
        answer = promise;
      },
    });
    return answer;
  };
  const opened = (address: string) => get(address, "navigate");
  const away = () => Promise.reject(new TypeError("Failed to fetch"));

  it("gives the server's page as long as there is one", async () => {
    server = () => new Response("first");
    expect(await (await opened("/o/a"))?.text()).toBe("first");
    server = () => new Response("second");
    expect(await (await opened("/o/a"))?.text()).toBe("second");
  });

  it("gives the last page of that link while the server is away or in trouble", async () => {
    server = (where) => new Response(`page of ${where}`);
    await opened("/o/a");
    await opened("/o/b");
    server = away;
    expect(await (await opened("/o/a"))?.text()).toBe("page of /o/a");
    server = () => new Response("trouble", { status: 502 });
    expect(await (await opened("/o/b"))?.text()).toBe("page of /o/b");
    expect((await opened("/o/never"))?.status).toBe(502);
    server = away;
    await expect(opened("/o/never")).rejects.toThrow("Failed to fetch");
  });

  it("forgets a link that was withdrawn", async () => {
    await opened("/o/a");
    server = () => new Response("gone", { status: 410 });
    expect((await opened("/o/a"))?.status).toBe(410);
    server = away;
    await expect(opened("/o/a")).rejects.toThrow();
  });

  it("asks once for a file that is named by its content", async () => {
    server = () => new Response("font");
    expect(await (await get("/fonts/a.ttf"))?.text()).toBe("font");
    server = away;
    expect(await (await get("/fonts/a.ttf"))?.text()).toBe("font");
    expect(asked).toEqual(["/fonts/a.ttf"]);
  });

  it("keeps no file that did not come", async () => {
    server = () => new Response("", { status: 404 });
    expect((await get("/painted/x"))?.status).toBe(404);
    server = () => new Response("picture");
    expect(await (await get("/painted/x"))?.text()).toBe("picture");
  });

  it("leaves everything else to the browser", async () => {
    expect(await get("/live/outlet")).toBeUndefined();
    expect(await get("/fonts/a.ttf", "cors", "POST")).toBeUndefined();
    expect(await get("https://elsewhere.example/fonts/a.ttf")).toBeUndefined();
  });

  it("keeps with a page the scripts, faces and pictures that it needs", async () => {
    const page =
      '<script src="/assets/outlet.js"></script><image href="/painted/heron"/>{"faces":["/fonts/barlow.ttf"]}<style>@font-face{src:url(/fonts/unused.ttf)}</style>';
    server = (where) => new Response(where === "/o/a" ? page : where);
    let done: Promise<unknown> = Promise.resolve();
    handlers["message"]?.({
      data: { keep: "/o/a" },
      waitUntil: (promise: Promise<unknown>) => {
        done = promise;
      },
    });
    await done;
    server = away;
    expect(await (await opened("/o/a"))?.text()).toBe(page);
    for (const file of ["/assets/outlet.js", "/painted/heron", "/fonts/barlow.ttf"])
      expect(await (await get(file))?.text()).toBe(file);
    await expect(get("/fonts/unused.ttf")).rejects.toThrow();
  });

  it("keeps four hundred files and lets the oldest go", async () => {
    for (let i = 0; i <= 400; i++) await get(`/painted/${String(i)}`);
    expect(stores["brandeon-files"]?.kept.size).toBe(400);
    expect(stores["brandeon-files"]?.kept.has("/painted/0")).toBe(false);
    expect(stores["brandeon-files"]?.kept.has("/painted/400")).toBe(true);
  });
});
