import { describe, expect, it } from "vitest";
import type { Finding } from "../api/client";
import { told, wrong } from "./weights";

const finding = (
  kind: Finding["kind"],
  canvas: string,
  piece = "band",
  weight: Finding["weight"] = "POOR",
): Finding => ({
  kind,
  scene: "hide",
  canvas,
  piece,
  other: "",
  where: null,
  measured: 1,
  limit: 0,
  sentence: "",
  weight,
});

describe("findings", () => {
  it("tells the same trouble on several canvases once, in the order in which it comes", () => {
    const list = [
      finding("OUTSIDE_CANVAS", "wide"),
      finding("CONTRAST", "wide"),
      finding("OUTSIDE_CANVAS", "upright"),
      finding("OUTSIDE_CANVAS", "recording"),
      finding("OUTSIDE_CANVAS", "wide", "goal"),
    ];
    expect(
      told(list).map(({ first, also }) => [first.kind, first.piece, first.canvas, ...also.map((one) => one.canvas)]),
    ).toEqual([
      ["OUTSIDE_CANVAS", "band", "wide", "upright", "recording"],
      ["CONTRAST", "band", "wide"],
      ["OUTSIDE_CANVAS", "goal", "wide"],
    ]);
  });

  it("keeps apart what weighs more on one canvas than on another", () => {
    expect(told([finding("OVER_WORDS", "wide", "band", "BROKEN"), finding("OVER_WORDS", "upright")])).toHaveLength(2);
  });

  it("counts notes as nothing wrong", () => {
    expect(
      wrong([finding("LOAD", "wide", "band", "NOTE"), finding("CONTRAST", "wide")]).map((one) => one.kind),
    ).toEqual(["CONTRAST"]);
  });
});
