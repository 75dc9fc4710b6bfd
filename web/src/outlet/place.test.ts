import { beforeEach, describe, expect, it, vi } from "vitest";
import { loads, program } from "./place";

function storage(): Storage {
  const all = new Map<string, string>();
  return {
    getItem: (key: string) => all.get(key) ?? null,
    setItem: (key: string, value: string) => void all.set(key, value),
  } as unknown as Storage;
}

describe("where a page is open", () => {
  beforeEach(() => vi.stubGlobal("localStorage", storage()));

  it("is the same for all pages of a program", () => {
    const first = program();
    expect(first).toMatch(/^[0-9a-f]{8,16}$/);
    expect(program()).toBe(first);
  });

  it("counts loads of a link within an hour", () => {
    const minute = 60_000;
    expect(loads("a", 100 * minute)).toBe(1);
    expect(loads("b", 100 * minute)).toBe(1);
    expect(loads("a", 130 * minute)).toBe(2);
    expect(loads("a", 161 * minute)).toBe(2);
  });

  it("is not known where nothing may be kept", () => {
    vi.stubGlobal("localStorage", {
      getItem: () => {
        throw new Error("SecurityError");
      },
    });
    expect(program()).toBe("");
    expect(loads("a", 1)).toBe(1);
  });

  it("survives something else under its name", () => {
    localStorage.setItem("brandeon-loads:a", "no list");
    expect(loads("a", 1)).toBe(1);
  });
});
