/**
 * The words of the first picture are outlines of their letters, so that they are in the first frame; see FirstWords in
 * core. Once a face has come, the words that are set in it take their place; while it does not, the outlines stay.
 */
export async function wordsTakeOver(host: Element): Promise<void> {
  const faces = new Map<string, SVGTextElement[]>();
  for (const letters of host.querySelectorAll("path[data-letters]")) {
    const text = letters.previousElementSibling as SVGTextElement;
    const family = text.getAttribute("font-family") ?? "";
    faces.set(family, [...(faces.get(family) ?? []), text]);
  }
  await Promise.allSettled(
    [...faces].map(async ([family, texts]) => {
      const come = await document.fonts.load(`24px ${family}`);
      if (come.length === 0) return;
      for (const text of texts) {
        text.removeAttribute("display");
        text.nextElementSibling?.remove();
      }
    }),
  );
}
