import { beforeEach, expect, test } from "vitest";
import { arrived, chosen, chosenNow, left } from "./selection";

beforeEach(left);

test("an address that a later choice has overtaken does not bring the earlier one back", () => {
  chosen(["goal"]);
  chosen(["band"]);
  arrived("goal", ["goal"]);
  expect(chosenNow()).toEqual(["band"]);
  arrived("band", ["band"]);
  expect(chosenNow()).toEqual(["band"]);
});

test("what was not chosen here, such as a link, is taken from the address", () => {
  arrived("goal", ["goal"]);
  expect(chosenNow()).toEqual(["goal"]);
  chosen(["band"]);
  arrived("band", []);
  expect(chosenNow(), "it is gone from the scene").toEqual([]);
  left();
  expect(chosenNow()).toEqual([]);
});
