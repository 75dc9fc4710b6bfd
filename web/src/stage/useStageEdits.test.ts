import { describe, expect, it } from "vitest";
import type { Edit, Scene } from "../api/client";
import { inZone } from "../theme/useTheme";
import { asOne, manner } from "./useStageEdits";

const scene = { id: "hide" } as Scene;
const lock = (piece: string): Edit => ({ edit: "setLocked", scene: "hide", piece, locked: true });

describe("several edits as one step", () => {
  it("is nothing for none, itself for one, and a batch for more", () => {
    expect(asOne([])).toBeNull();
    expect(asOne([lock("a")])).toEqual(lock("a"));
    expect(asOne([lock("a"), lock("b")])).toEqual({ edit: "batch", edits: [lock("a"), lock("b")] });
  });
});

describe("how a piece is laid", () => {
  const plain = inZone("band", "BAND");
  const turned = { ...plain.manner, turn: 30 };

  it("changes on all shapes where they are alike", () => {
    expect(manner(scene, plain, "UPRIGHT", (m) => ({ ...m, turn: m.turn + 15 }))).toEqual({
      edit: "setManner",
      scene: "hide",
      piece: "band",
      manner: { ...plain.manner, turn: 15 },
    });
  });

  it("changes on one shape alone where that differs already, and leaves the others", () => {
    const placed = { ...plain, manners: { UPRIGHT: turned } };
    expect(manner(scene, placed, "UPRIGHT", (m) => ({ ...m, turn: m.turn + 15 }))).toEqual({
      edit: "setMannerOn",
      scene: "hide",
      piece: "band",
      shape: "UPRIGHT",
      manner: { ...turned, turn: 45 },
    });
    expect(manner(scene, placed, "WIDE", (m) => ({ ...m, mirrored: true }))).toMatchObject({
      edit: "setManner",
      manner: { turn: 0, mirrored: true },
    });
  });
});
