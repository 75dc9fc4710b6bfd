/**
 * A typed figure with small arithmetic: + - * / ( ) and percent of what stood there, such as "1920/3", "400+28" or "50%".
 * Null where it is not understood.
 *
 * @param before the figure that stood there; "+=10" and "-=10" change it
 */
export function figured(text: string, before: number): number | null {
  const change = /^\s*([+-])=(.*)$/.exec(text);
  if (change) {
    const by = figured(change[2] ?? "", before);
    return by === null ? null : before + (change[1] === "-" ? -by : by);
  }
  const tokens = text.replaceAll(",", ".").match(/\d+(?:\.\d+)?|\.\d+|[-+*/()%]|\S/g) ?? [];
  let at = 0;
  const peek = () => tokens[at];
  const take = () => tokens[at++];

  const value = (): number | null => {
    const token = take();
    if (token === "-" || token === "+") {
      const inner = value();
      return inner === null ? null : token === "-" ? -inner : inner;
    }
    let number: number | null = null;
    if (token === "(") {
      number = sum();
      if (take() !== ")") return null;
    } else if (token !== undefined && /^[\d.]/.test(token)) number = Number(token);
    if (number !== null && peek() === "%") {
      take();
      number = (number / 100) * before;
    }
    return number;
  };
  const product = (): number | null => {
    let left = value();
    while (left !== null && (peek() === "*" || peek() === "/")) {
      const by = take();
      const right = value();
      left = right === null ? null : by === "*" ? left * right : left / right;
    }
    return left;
  };
  const sum = (): number | null => {
    let left = product();
    while (left !== null && (peek() === "+" || peek() === "-")) {
      const by = take();
      const right = product();
      left = right === null ? null : by === "+" ? left + right : left - right;
    }
    return left;
  };

  const result = sum();
  return at === tokens.length && result !== null && Number.isFinite(result) ? result : null;
}
