// Writes the reference values of ColourReferenceTest with colorjs.io 0.7.1, an implementation of CSS Color 4 that is
// independent of ours. Colours stand without their #, which would begin a comment. Run in a folder where colorjs.io is installed:
//   node colours.mjs > ../resources/brandeon/core/colour/reference.csv
import Color from "colorjs.io";

let seed = 20260101;
const next = () => (seed = (seed * 48271) % 2147483647) / 2147483647;
const hex = () => "#" + [0, 0, 0].map(() => Math.floor(next() * 256).toString(16).padStart(2, "0")).join("");
const cases = ["#000000", "#ffffff", "#777777", "#ff0000", "#00ff00", "#0000ff", "#4f8f5b", "#e8a33d", "#16283d"];
while (cases.length < 60) cases.push(hex());

console.log("hex,oklabL,oklabA,oklabB,oklchL,oklchC,oklchH,labL,labA,labB,other,contrast,ciede2000,wildL,wildC,wildH,mapped");
cases.forEach((text, i) => {
  const colour = new Color(text);
  const other = new Color(cases[(i * 7 + 3) % cases.length]);
  const oklab = colour.to("oklab").coords;
  const oklch = colour.to("oklch").coords;
  const lab = colour.to("lab").coords;
  const wild = [0.05 + 0.9 * next(), 0.1 + 0.3 * next(), 360 * next()];
  const mapped = new Color("oklch", wild).to("srgb").toGamut({ space: "srgb", method: "css" }).toString({ format: "hex" });
  const full = mapped.length === 4 ? "#" + [...mapped.slice(1)].map((c) => c + c).join("") : mapped;
  console.log([text.slice(1), ...oklab, ...oklch.map((v) => v ?? 0), ...lab, other.toString({ format: "hex", collapse: false }).slice(1), colour.contrast(other, "WCAG21"), colour.deltaE(other, "2000"), ...wild, full.slice(1)].join(","));
});
