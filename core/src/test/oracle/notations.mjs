// Writes the reference values of CssColourTest with colorjs.io 0.7.1. Run in a folder where colorjs.io is installed:
//   node notations.mjs > ../resources/brandeon/core/colour/notations.csv
import Color from "colorjs.io";

const texts = ["rebeccapurple", "SeaGreen", "#0f8", "#0f8c", "#4f8f5b80", "rgb(79 143 91)", "rgb(79, 143, 91)", "rgba(79, 143, 91, 0.5)", "rgb(30% 20% 10% / 40%)",
  "rgb(none 143 91)", "hsl(131 29% 44%)", "hsl(0.4turn 60% 30% / 0.25)", "hsla(200, 80%, 40%, 0.7)", "hsl(-90deg 50% 50%)", "hwb(194 0% 12%)", "hwb(3.1rad 40% 80%)", "hwb(120grad 20% 30%)",
  "lab(52% -30 22)", "lab(29.69% 44.888 -29.04)", "lab(80 50% -50%)", "lch(54% 38 144)", "lch(52.2% 72.2 50)", "lch(67.5345% 42.5 258.2)", "oklab(59% 0.1 0.1)", "oklab(0.4 -0.07 0.05 / 50%)",
  "oklch(60% 0.1 146)", "oklch(40.1% 0.123 21.57)", "oklch(0.72 25% 0.5turn)", "color(srgb 0.3 0.5 0.4)", "color(srgb-linear 0.1 0.3 0.2)", "color(display-p3 0.4 0.6 0.4)", "color(a98-rgb 0.4 0.6 0.4)",
  "color(prophoto-rgb 0.4 0.5 0.4)", "color(rec2020 0.4 0.6 0.4)", "color(xyz 0.2 0.3 0.2)", "color(xyz-d65 0.2 0.3 0.2)", "color(xyz-d50 0.2 0.3 0.2)", "lab(0% 0 0)", "lab(100% 0 0)", "oklch(5% 0.02 90)", "transparent"];
console.log("text;red;green;blue;alpha");
for (const text of texts) {
  const colour = new Color(text.toLowerCase()).to("srgb").toGamut({ space: "srgb", method: "css" });
  console.log([text.replace("#", "%23"), ...colour.coords.map((v) => v ?? 0), colour.alpha].join(";"));
}
