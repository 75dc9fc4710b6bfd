import { expect, it } from "vitest";
import { amount } from "./amount";

it.each([
  ["1250", 1250],
  ["12.50", 12.5],
  ["12,5", 12.5],
  ["1,250", 1250],
  ["1.250,50", 1250.5],
  ["1 250", 1250],
  ["1.5k", 1500],
  ["2M", 2_000_000],
  ["-5", -5],
  ["−5", -5],
  ["0", 0],
])("%s is a number", (text, number) => {
  expect(amount(text)).toBe(number);
});

it.each(["", "many", "12 of 20", "12.5.1 km", "1e9", "-"])("%s is none", (text) => {
  expect(amount(text)).toBeUndefined();
});
