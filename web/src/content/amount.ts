/**
 * The number that somebody typed: 1250, 12.5 or 12,5, 1,250 or 1 250, 1.5k, −5. A comma before exactly three digits parts
 * thousands, as English writes them. Undefined for what is no number, and for what is more than one.
 */
export function amount(text: string): number | undefined {
  const found = /^([-−–]?)(\d[\d.,'’\s]*?)\s*([km]?)$/i.exec(text.trim());
  if (!found) return undefined;
  const [, sign, written = "", times = ""] = found;
  const digits = written.replace(/['’\s]/g, "");
  const last = Math.max(digits.lastIndexOf("."), digits.lastIndexOf(","));
  const mark = digits.charAt(last);
  const once = last >= 0 && digits.indexOf(mark) === last;
  const both = digits.includes(".") && digits.includes(",");
  const thousands = last >= 0 && (!once || (!both && mark === "," && digits.length - last - 1 === 3));
  const plain =
    last < 0
      ? digits
      : thousands
        ? digits.replace(/[.,]/g, "")
        : `${digits.slice(0, last).replace(/[.,]/g, "")}.${digits.slice(last + 1)}`;
  const scale = { k: 1e3, m: 1e6 }[times.toLowerCase()] ?? 1;
  return (sign ? -1 : 1) * Number(plain) * scale;
}
