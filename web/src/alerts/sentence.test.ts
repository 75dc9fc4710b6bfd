import { describe, expect, it } from "vitest";
import { condition, hidden, manner, readable, unannounced, written, type Rule, type SignalKind } from "./sentence";

const TIP: SignalKind = { id: "TIP", title: "tip", amount: "MONEY" };
const RAID: SignalKind = { id: "RAID", title: "raid", amount: "COUNT" };
const GIFTS: SignalKind = { id: "GIFTED_SUBSCRIPTIONS", title: "gifted subscriptions", amount: "COUNT" };
const RENEWAL: SignalKind = { id: "RENEWAL", title: "renewal", amount: "NONE" };

function rule(kind: SignalKind, when: Partial<Rule["when"]> = {}, other: Partial<Rule> = {}): Rule {
  return {
    id: kind.id,
    kind: kind.id,
    on: true,
    when: { from: 0, to: 0, currency: "", months: 0, level: "", first: false, anonymous: false, ...when },
    kicker: "",
    text: "",
    several: "",
    seconds: 5,
    urgency: "NORMAL",
    sound: { sound: "", level: 0 },
    comes: null,
    goes: null,
    picture: "",
    canvases: [],
    ...other,
  };
}

describe("a rule as a sentence", () => {
  it("says what it is for", () => {
    expect(condition(rule(TIP), TIP)).toBe("A tip");
    expect(condition(rule(TIP, { from: 5000, currency: "EUR" }), TIP)).toBe("A tip of €50.00 or more");
    expect(condition(rule(TIP, { from: 5000, currency: "JPY" }), TIP)).toBe("A tip of ¥5,000 or more");
    expect(condition(rule(TIP, { currency: "GBP" }), TIP)).toBe("A tip in GBP");
    expect(condition(rule(RAID, { from: 10, to: 1500 }), RAID)).toBe("A raid from 10 to 1,500");
    expect(condition(rule(RAID, { to: 9 }), RAID)).toBe("A raid up to 9");
    expect(condition(rule(RENEWAL, { months: 12, level: "Reed" }), RENEWAL)).toBe(
      "A renewal after 12 months or more at level Reed",
    );
    expect(condition(rule(TIP, { first: true, anonymous: true }), TIP)).toBe("A first tip by somebody unnamed");
    expect(condition(rule(GIFTS, { from: 5 }), GIFTS)).toBe("Gifted subscriptions of 5 or more");
  });

  it("says how it is shown", () => {
    const canvases = [
      { id: "w", name: "Wide" },
      { id: "u", name: "Upright" },
    ];
    expect(manner(rule(TIP), canvases, [])).toBe("5 s");
    expect(
      manner(rule(TIP, {}, { canvases: ["u"], urgency: "HIGH", picture: "p" }), canvases, [
        { id: "p", name: "Lantern" },
      ]),
    ).toBe("5 s, with Lantern, on Upright only, before others");
  });

  it("says a pattern as people say it", () => {
    expect(readable("{name} raided with {amount, plural, one {# viewer} other {# viewers}}!")).toBe(
      "‹name› raided with ‹amount› viewers!",
    );
    expect(readable("New {count, plural, one {{supporter}} other {{supporters}}}")).toBe("New ‹supporters›");
    expect(readable("no values")).toBe("no values");
    expect(readable("{name")).toBe("‹name›");
  });

  it("writes money in its main unit", () => {
    expect(written(TIP, 1250, "EUR")).toBe("€12.50");
    expect(written(TIP, 1250, "")).toBe("12.50");
    expect(written(RAID, 1250, "")).toBe("1,250");
  });
});

describe("the list of rules", () => {
  it("knows what nothing is said of", () => {
    expect(unannounced([rule(TIP), rule(RAID, {}, { on: false })], ["TIP", "RAID", "CHAT"])).toEqual(["RAID"]);
  });

  it("knows which rule can never hold", () => {
    const all = rule(TIP);
    const large = rule(TIP, { from: 5000 }, { id: "large" });
    expect(hidden([all, large], large)).toBe(all);
    expect(hidden([large, all], all)).toBeUndefined();
    expect(hidden([{ ...all, on: false }, large], large)).toBeUndefined();
  });
});
