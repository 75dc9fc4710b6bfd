import { strToU8, zipSync } from "fflate";
import { expect, test } from "vitest";
import { unpacked } from "./unpacked";

function zip(name: string, entries: Record<string, Uint8Array>): File {
  return new File([zipSync(entries) as Uint8Array<ArrayBuffer>], name);
}

test("what lies in zips comes with its folders, without what computers put beside it", async () => {
  const files = await unpacked([
    zip("pack.zip", {
      "Marsh/frame.png": strToU8("a"),
      "__MACOSX/Marsh/._frame.png": strToU8("b"),
      "Marsh/.DS_Store": strToU8("c"),
      "Marsh/Thumbs.db": strToU8("d"),
    }),
    new File(["e"], "alone.txt"),
  ]);
  expect(files.map((file) => file.path)).toEqual(["Marsh/frame.png", "alone.txt"]);
  expect(await files[0]?.file.text()).toBe("a");
});

test("a folder keeps its paths", async () => {
  const file = Object.assign(new File(["a"], "x.png"), { dropped: "Pack/frames/x.png" });
  expect((await unpacked([file]))[0]?.path).toBe("Pack/frames/x.png");
});

test("what is no zip and what holds too much is refused with a sentence", async () => {
  await expect(unpacked([new File(["PK but no zip"], "a.zip")])).rejects.toThrow("a.zip is no zip that can be read");
  const many = Object.fromEntries(Array.from({ length: 1001 }, (_, i) => [`f${String(i)}`, new Uint8Array(0)]));
  await expect(unpacked([zip("many.zip", many)])).rejects.toThrow("at most 1000 files");
});
