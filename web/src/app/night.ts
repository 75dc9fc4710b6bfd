const KEY = "brandeon-night";

export function startInNight(): void {
  setNight(localStorage.getItem(KEY) === "1");
}

export function isNight(): boolean {
  return "night" in document.documentElement.dataset;
}

export function setNight(night: boolean): void {
  if (night) document.documentElement.dataset["night"] = "";
  else delete document.documentElement.dataset["night"];
  localStorage.setItem(KEY, night ? "1" : "0");
}
