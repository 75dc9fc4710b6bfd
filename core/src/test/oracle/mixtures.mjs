// Prints the rows of GradientTest.mixturesAgreeWithCssColor4 with colorjs.io 0.7.1. Run in a folder where colorjs.io is installed.
import Color from "colorjs.io";

const pairs = [["#4f8f5b", "#e8a33d"], ["#16283d", "#e8a33d"], ["#c07a2b", "#2b7fc0"], ["#ffffff", "#4f8f5b"], ["#b03060", "#3060b0"], ["#ff0000", "#ff00cc"]];
for (const [from, to] of pairs)
  for (const space of ["oklab", "oklch"])
    for (const share of [0.25, 0.5]) {
      const mixed = new Color(from).mix(to, share, { space, outputSpace: space }).to("srgb").toGamut({ space: "srgb", method: "css" });
      console.log(`"${[from, to, share, space.toUpperCase(), ...mixed.coords.map((v) => v.toFixed(5))].join(",")}",`);
    }
