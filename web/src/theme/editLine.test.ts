import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Edit } from "../api/client";
import { EditLine } from "./editLine";

const box = (x: number, piece = "band") =>
  ({ edit: "setBox", scene: "hide", piece, canvas: "wide", box: { x, y: 0, width: 9, height: 9 } }) as Edit;

/** A server that answers when it is told to. */
function slow() {
  const sent: Edit[] = [];
  const open: ((taken: boolean) => void)[] = [];
  const line = new EditLine((_, edit) => {
    sent.push(edit);
    return new Promise((done) => open.push(done));
  });
  const answer = async (taken = true) => {
    open.shift()?.(taken);
    await vi.advanceTimersByTimeAsync(0);
  };
  return { line, sent, open, answer };
}

describe("edits on their way", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("window", globalThis);
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it("are one call and the newest value while something is dragged", async () => {
    const { line, sent, open, answer } = slow();
    const all = [1, 2, 3, 4, 5].map((x) => line.add("t", box(x), "drag"));
    expect(open).toHaveLength(1);
    await answer();
    await vi.advanceTimersByTimeAsync(50);
    expect(sent).toEqual([box(1), box(5)]);
    await answer();
    expect(await Promise.all(all)).toEqual([true, true, true, true, true]);
    expect(sent).toHaveLength(2);
  });

  it("each count without a gesture, of another one, and of another property", async () => {
    const { line, sent, answer } = slow();
    void line.add("t", box(1), "");
    void line.add("t", box(2), "");
    void line.add("t", box(3), "drag");
    void line.add("t", box(4, "guest"), "drag");
    void line.add("t", box(5, "guest"), "drag");
    void line.add("t", box(6, "guest"), "another");
    for (let i = 0; i < 6; i++) await answer();
    expect(sent).toEqual([box(1), box(2), box(3), box(5, "guest"), box(6, "guest")]);
  });

  it("rest as long as the last one took while something is dragged", async () => {
    const { line, sent, open, answer } = slow();
    const first = line.add("t", box(1), "drag");
    await vi.advanceTimersByTimeAsync(200);
    const second = line.add("t", box(2), "drag");
    await answer();
    expect(await first).toBe(true);
    await vi.advanceTimersByTimeAsync(150);
    void line.add("t", box(3), "drag");
    expect(open).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(60);
    expect(sent).toEqual([box(1), box(3)]);
    await answer();
    expect(await second).toBe(true);
  });

  it("rest no longer than a moment, however long the last one took", async () => {
    const { line, sent, answer } = slow();
    void line.add("t", box(1), "drag");
    await vi.advanceTimersByTimeAsync(6000);
    void line.add("t", box(2), "drag");
    await answer();
    await vi.advanceTimersByTimeAsync(300);
    expect(sent).toEqual([box(1), box(2)]);
  });

  it("are sent less often where whoever drags sees them before", async () => {
    const { line, sent, answer } = slow();
    for (let x = 0; x < 100; x++) {
      void line.add("t", box(x), "drag", 200);
      await vi.advanceTimersByTimeAsync(10);
      await answer();
    }
    await vi.advanceTimersByTimeAsync(200);
    expect(sent).toEqual([0, 19, 39, 59, 79, 99].map((x) => box(x)));
  });

  it("are sent twenty times a second at most while something is dragged", async () => {
    const { line, sent, answer } = slow();
    for (let x = 0; x < 100; x++) {
      void line.add("t", box(x), "drag");
      await vi.advanceTimersByTimeAsync(10);
      await answer();
    }
    await vi.advanceTimersByTimeAsync(100);
    await answer();
    expect(sent.length).toBeGreaterThan(15);
    expect(sent.length).toBeLessThan(23);
    expect(sent.at(-1)).toEqual(box(99));
  });

  it("rest no longer once something else waits behind them", async () => {
    const { line, sent, answer } = slow();
    void line.add("t", box(1), "drag");
    await vi.advanceTimersByTimeAsync(500);
    await answer();
    void line.add("t", box(2), "drag");
    expect(sent).toHaveLength(1);
    const undone: Edit[][] = [];
    void line.inTurn(() => {
      undone.push([...sent]);
      return Promise.resolve();
    });
    await answer();
    expect(undone).toEqual([[box(1), box(2)]]);
  });

  it("go on after one that was refused", async () => {
    const { line, sent, answer } = slow();
    const first = line.add("t", box(1), "");
    const second = line.add("t", box(2), "");
    await answer(false);
    await answer();
    expect(await first).toBe(false);
    expect(await second).toBe(true);
    expect(sent).toHaveLength(2);
  });

  it("come before what is pressed after them, and after what was pressed before them", async () => {
    const { line, sent, answer } = slow();
    const calls: string[] = [];
    void line.add("t", box(1), "");
    void line.add("t", box(2), "drag");
    let undone = () => {};
    const undo = line.inTurn(() => {
      calls.push(`undo after ${String(sent.length)}`);
      return new Promise<string>((done) => (undone = () => done("back")));
    });
    void line.add("t", box(3), "drag");
    expect(calls).toEqual([]);
    await answer();
    await answer();
    expect(calls).toEqual(["undo after 2"]);
    expect(sent).toEqual([box(1), box(2)]);
    undone();
    expect(await undo).toBe("back");
    await answer();
    expect(sent, "what was dragged before and after an undo is not the same").toEqual([box(1), box(2), box(3)]);
  });

  it("go on after another call that was refused", async () => {
    const { line, sent } = slow();
    const air = line.inTurn(() => Promise.reject(new Error("Nothing to put on air.")));
    void line.add("t", box(1), "");
    await expect(air).rejects.toThrow("Nothing to put on air.");
    await vi.advanceTimersByTimeAsync(0);
    expect(sent).toEqual([box(1)]);
  });

  it("let what others did come in between", async () => {
    const { line, answer } = slow();
    const heard: string[] = [];
    line.between(() => heard.push("at once"));
    void line.add("t", box(1), "").then(() => heard.push("own"));
    void line.add("t", box(2), "");
    line.between(() => heard.push("others'"));
    expect(heard).toEqual(["at once"]);
    await answer();
    expect(heard).toHaveLength(3);
    expect(heard).toContain("others'");
  });
});
