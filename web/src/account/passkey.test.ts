import { expect, test } from "vitest";
import { bytes, text } from "./passkey";

test("bytes are written as RFC 4648, section 5, has them, without padding", () => {
  // Section 10 of the same, and two letters that differ from plain Base64.
  expect(text(new TextEncoder().encode("foobar").buffer)).toBe("Zm9vYmFy");
  expect(text(new TextEncoder().encode("foob").buffer)).toBe("Zm9vYg");
  expect(text(new Uint8Array([251, 255, 254]).buffer)).toBe("-__-");
  expect([...bytes("-__-")]).toEqual([251, 255, 254]);
  expect(new TextDecoder().decode(bytes("Zm9vYg"))).toBe("foob");
});
