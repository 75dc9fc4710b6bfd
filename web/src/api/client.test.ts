import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

/** A line that is open and says nothing, such as one of a network that went away. */
const silent = (request: Request | string, { signal }: RequestInit = {}) =>
  new Promise<Response>((_, refuse) => {
    const given = request instanceof Request ? request.signal : signal;
    given?.addEventListener("abort", () => refuse(given.reason as Error));
  });

describe("a call that is never answered", () => {
  let client: typeof import("./client");

  beforeEach(async () => {
    vi.useFakeTimers();
    vi.stubGlobal("fetch", vi.fn(silent));
    vi.stubGlobal("document", { cookie: "" });
    // The browser's own clock cannot be moved on.
    vi.spyOn(AbortSignal, "timeout").mockImplementation((millis) => {
      const end = new AbortController();
      setTimeout(() => end.abort(new DOMException("", "TimeoutError")), millis);
      return end.signal;
    });
    vi.stubGlobal(
      "Request",
      class extends Request {
        constructor(input: RequestInfo, init?: RequestInit) {
          super(typeof input === "string" ? new URL(input, "http://127.0.0.1") : input, init);
        }
      },
    );
    // It takes what stands there when it is first read.
    vi.resetModules();
    client = await import("./client");
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  const id = "t";
  const ended = async (call: Promise<unknown>) => {
    let said = "";
    call.catch((error: unknown) => (said = (error as Error).message));
    await vi.advanceTimersByTimeAsync(19_000);
    const early = said;
    await vi.advanceTimersByTimeAsync(2_000);
    const soonEnough = said;
    await vi.advanceTimersByTimeAsync(180_000);
    return { early, soonEnough, at: said };
  };
  const OPEN = "may or may not have been done";

  it("ends soon where others wait behind it", async () => {
    const call = client.answer(
      client.api.POST("/api/themes/{id}/undo", { params: { path: { id } }, signal: client.soon() }),
    );
    const { early, soonEnough } = await ended(call);
    expect(early).toBe("");
    expect(soonEnough).toContain(OPEN);
  });

  it("ends soon where something was pressed that runs the show", async () => {
    expect((await ended(client.sendAtOnce("/api/shows/s/cues", {}))).soonEnough).toContain(OPEN);
  });

  it("is given more time where something is computed", async () => {
    const call = client.answer(client.api.POST("/api/themes/{id}/repair", { params: { path: { id } } }));
    const { soonEnough, at } = await ended(call);
    expect(soonEnough).toBe("");
    expect(at).toContain(OPEN);
  });
});
