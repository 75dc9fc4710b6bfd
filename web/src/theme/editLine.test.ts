import { describe, expect, it } from "vitest";
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
    await new Promise((done) => setTimeout(done));
  };
  return { line, sent, open, answer };
}

describe("edits on their way", () => {
  it("are one call and the newest value while something is dragged", async () => {
    const { line, sent, open, answer } = slow();
    const all = [1, 2, 3, 4, 5].map((x) => line.add("t", box(x), "drag"));
    expect(open).toHaveLength(1);
    await answer();
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
    await new Promise((done) => setTimeout(done));
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
