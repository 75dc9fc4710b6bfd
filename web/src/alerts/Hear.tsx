import { Square, Volume2 } from "lucide-react";
import { useHear } from "../sound/useHear";

/** Plays a sound as loud as viewers hear it, and stops it. @param gain in dB */
export function Hear({ name, address, gain }: { name: string; address: string; gain: number }) {
  const { heard, hear, hush } = useHear();
  const on = heard === address;
  return (
    <button
      className="flex size-6 shrink-0 items-center justify-center text-faint hover:text-ink"
      aria-label={on ? `Stop ${name}` : `Hear ${name}`}
      title={on ? "Stop it" : "Hear it"}
      onClick={() => (on ? hush() : hear(address, gain))}
    >
      {on ? <Square size={13} aria-hidden="true" /> : <Volume2 size={14} aria-hidden="true" />}
    </button>
  );
}
