import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import { amount } from "./amount";

/** Core reads the same numbers from the same words (AmountTest). */
const known = readFileSync("../core/src/test/resources/amounts.csv", "utf8")
  .trim()
  .split("\n")
  .map((line) => line.split("|") as [string, string]);

it.each(known)("%s is a number", (text, number) => {
  expect(amount(text)).toBe(Number(number));
});

it.each(["", "many", "12 of 20", "12.5.1 km", "1e9", "-"])("%s is none", (text) => {
  expect(amount(text)).toBeUndefined();
});
