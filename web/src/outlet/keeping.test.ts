import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Keeping } from "./keeping";

describe("having the page kept", () => {
  const posted = vi.fn();
  const register = vi.fn(() => Promise.resolve());

  beforeEach(() => {
    vi.useFakeTimers();
    vi.clearAllMocks();
    vi.stubGlobal("window", globalThis);
    vi.stubGlobal("location", { pathname: "/o/abc" });
    vi.stubGlobal("navigator", {
      serviceWorker: { register, ready: Promise.resolve({ active: { postMessage: posted } }) },
    });
  });

  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it("asks once for a busy minute's first seconds, and again later", async () => {
    const keeping = new Keeping();
    for (let i = 0; i < 50; i++) keeping.changed();
    await vi.advanceTimersByTimeAsync(2999);
    expect(posted).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(4001);
    expect(posted).toHaveBeenCalledExactlyOnceWith({ keep: "/o/abc" });
    keeping.changed();
    await vi.advanceTimersByTimeAsync(7000);
    expect(posted).toHaveBeenCalledTimes(2);
  });

  it("begins with the page as it is, for outlets alone", async () => {
    new Keeping().begin();
    expect(register).toHaveBeenCalledExactlyOnceWith("/keeper.js", { scope: "/o/" });
    await vi.advanceTimersByTimeAsync(7000);
    expect(posted).toHaveBeenCalledOnce();
  });

  it("does without where the browser has no keeper", async () => {
    vi.stubGlobal("navigator", {});
    const keeping = new Keeping();
    keeping.begin();
    keeping.changed();
    await vi.advanceTimersByTimeAsync(7000);
    expect(posted).not.toHaveBeenCalled();
  });
});
