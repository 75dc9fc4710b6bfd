import type { First } from "../painter/feed";
import { fitIn } from "../painter/fit";
import { Painter } from "../painter/painter";

// The script of a scene that was taken out as one file: the outlet's painter, with nobody to ask.

const host = document.getElementById("overlay") as HTMLElement;
const first = JSON.parse(document.getElementById("first")?.textContent ?? "") as First;
const painter = new Painter(host, () => Date.now(), true);

function fit(): void {
  fitIn(host, painter.width, painter.height);
}

if (document.hidden) painter.leaveScene();
painter.adopt(first);
fit();
addEventListener("resize", fit);
document.addEventListener("visibilitychange", () => {
  if (document.hidden) painter.leaveScene();
  else painter.arrive();
});
