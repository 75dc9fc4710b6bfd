import { expect, test } from "vitest";
import { linkIn } from "./links";

const TOKEN = "kJ3x-_9q".repeat(5) + "abc";

test("a whole link is taken wherever it was copied from", () => {
  expect(linkIn(`http://127.0.0.1:8080/join/${TOKEN}`, "join")).toBe(`/join/${TOKEN}`);
  expect(linkIn(`Come in: <https://hide.reedlight.example/join/${TOKEN}>.`, "join")).toBe(`/join/${TOKEN}`);
  expect(linkIn(`/recover/${TOKEN}?x=1`, "recover")).toBe(`/recover/${TOKEN}`);
});

test("nothing else leads anywhere", () => {
  expect(linkIn(`/recover/${TOKEN}`, "join")).toBe("");
  expect(linkIn("aaaaa-aaaaa-aaaaa-aaaaa", "recover")).toBe("");
  expect(linkIn("https://elsewhere.example/join/short", "join")).toBe("");
});
