import type { Schemas } from "../api/client";

export type Rule = Schemas["AlertRule"];
export type SignalKind = Schemas["SignalKindView"];

/** Digits after the point of a currency; of none in particular two. */
export function digits(currency: string): number {
  if (currency === "") return 2;
  return new Intl.NumberFormat("en-GB", { style: "currency", currency }).resolvedOptions().maximumFractionDigits ?? 2;
}

/** An amount of a rule as people write it: money in its main unit. */
export function written(kind: SignalKind, amount: number, currency: string): string {
  if (kind.amount !== "MONEY") return amount.toLocaleString("en-GB");
  const main = amount / 10 ** digits(currency);
  return currency === ""
    ? main.toFixed(2)
    : new Intl.NumberFormat("en-GB", { style: "currency", currency, currencyDisplay: "narrowSymbol" }).format(main);
}

/** What a rule is for, as the beginning of a sentence. */
export function condition(rule: Rule, kind: SignalKind): string {
  const { when } = rule;
  const article = /^[aeiou]/.test(kind.title) ? "An" : "A";
  const plural = kind.title.endsWith("s");
  const parts: string[] = [];
  if (when.anonymous) parts.push("by somebody unnamed");
  if (kind.amount !== "NONE") {
    const from = written(kind, when.from, when.currency);
    const to = written(kind, when.to, when.currency);
    if (when.to > 0) parts.push(when.from > 0 ? `from ${from} to ${to}` : `up to ${to}`);
    else if (when.from > 0) parts.push(`of ${from} or more`);
    else if (when.currency !== "") parts.push(`in ${when.currency}`);
  }
  if (when.months > 0) parts.push(`after ${String(when.months)} ${when.months === 1 ? "month" : "months"} or more`);
  if (when.level !== "") parts.push(`at level ${when.level}`);
  const first = when.first ? "first " : "";
  const what = plural
    ? `${first === "" ? "" : "First "}${kind.title}`
    : `${first === "" ? article : "A"} ${first}${kind.title}`;
  return [what.charAt(0).toUpperCase() + what.slice(1), ...parts].join(" ");
}

/** How it is shown, as the end of the sentence. */
export function manner(
  rule: Rule,
  canvases: { id: string; name: string }[],
  pictures: { id: string; name: string }[],
  sounds: { id: string; name: string }[] = [],
): string {
  const where = canvases.filter((canvas) => rule.canvases.includes(canvas.id)).map((canvas) => canvas.name);
  const sound = sounds.find((one) => one.id === rule.sound.sound);
  const picture = pictures.find((one) => one.id === rule.picture);
  return [
    `${String(rule.seconds)} s`,
    ...(picture ? [`with ${picture.name}`] : []),
    ...(sound ? [`heard with ${sound.name.toLowerCase()}`] : []),
    ...(where.length > 0 ? [`on ${where.join(" and ")} only`] : []),
    ...(rule.urgency === "HIGH" ? ["before others"] : rule.urgency === "LOW" ? ["may wait"] : []),
  ].join(", ");
}

/** A message pattern as people say it: values by their names, of each plural the words for several. */
export function readable(pattern: string): string {
  let text = "";
  for (let i = 0; i < pattern.length; i++) {
    if (pattern[i] !== "{") {
      text += pattern[i];
      continue;
    }
    const end = closing(pattern, i);
    const inside = pattern.slice(i + 1, end);
    const name = (inside.split(",")[0] ?? "").trim();
    const other = /other\s*\{/.exec(inside);
    if (!other) text += `‹${name}›`;
    else {
      const from = other.index + other[0].length - 1;
      text += readable(inside.slice(from + 1, closing(inside, from))).replace("#", `‹${name}›`);
    }
    i = end;
  }
  return text;
}

/** Where the brace that opens at a place closes; the end of the text where it does not. */
function closing(text: string, open: number): number {
  let depth = 0;
  for (let i = open; i < text.length; i++) {
    if (text[i] === "{") depth++;
    if (text[i] === "}" && --depth === 0) return i;
  }
  return text.length;
}

/** Kinds that the platform sends and no rule that is on is for; lines of the chat are read there. */
export function unannounced(rules: Rule[], sent: SignalKind["id"][]): SignalKind["id"][] {
  return sent.filter((kind) => kind !== "CHAT" && !rules.some((rule) => rule.on && rule.kind === kind));
}

/** A rule that can never hold, since an earlier one is for every signal of its kind. */
export function hidden(rules: Rule[], rule: Rule): Rule | undefined {
  return rules
    .slice(0, rules.indexOf(rule))
    .find((earlier) => earlier.on && earlier.kind === rule.kind && everything(earlier.when));
}

function everything(when: Rule["when"]): boolean {
  return (
    when.from === 0 &&
    when.to === 0 &&
    when.currency === "" &&
    when.months === 0 &&
    when.level === "" &&
    !when.first &&
    !when.anonymous
  );
}
