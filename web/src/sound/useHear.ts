import { useEffect, useState } from "react";
import { Sounder } from "./sounder";

/** As long as anything that is heard here. */
const LONGEST = 40_000;

const sounder = new Sounder(
  () => Date.now(),
  () => undefined,
);

/** Plays one sound at a time in the editor. */
export function useHear(): {
  /** The address of what is heard now; empty for nothing. */
  heard: string;
  hear: (address: string, gain: number, millis?: number) => void;
  hush: () => void;
} {
  const [heard, setHeard] = useState("");
  useEffect(() => () => sounder.told({ on: false, load: [], plays: [] }), []);
  useEffect(() => {
    if (heard === "") return;
    const timer = window.setTimeout(() => setHeard(""), LONGEST);
    return () => window.clearTimeout(timer);
  }, [heard]);
  const hush = () => {
    sounder.told({ on: false, load: [], plays: [] });
    setHeard("");
  };
  const hear = (address: string, gain: number, millis = LONGEST) => {
    const from = Date.now();
    sounder.told({
      on: true,
      load: [address],
      plays: [{ key: String(from), address, gain, from, until: from + millis }],
    });
    sounder.pressed();
    setHeard(address);
    window.setTimeout(() => setHeard((now) => (now === address ? "" : now)), millis);
  };
  return { heard, hear, hush };
}
