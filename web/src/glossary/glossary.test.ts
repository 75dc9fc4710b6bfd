import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import WORDS from "./glossary.json";

test("the document and the product explain the same words in the same way", () => {
  const lines = readFileSync("../docs/glossary.md", "utf8")
    .split("\n")
    .filter((line) => /^\| [A-Z]/.test(line) && !line.startsWith("| Our word"))
    .map((line) => line.split("|").map((cell) => cell.trim()));
  expect(lines.map(([, word, usual, says]) => ({ word, usual, says }))).toEqual(WORDS);
});

test("words stand in their order, each once, and in a sentence", () => {
  const words = WORDS.map(({ word }) => word);
  expect(words).toEqual([...new Set(words)].sort((one, other) => one.localeCompare(other, "en")));
  expect(WORDS.filter(({ says }) => !/^[A-Z“].*\.$/.test(says))).toEqual([]);
});
