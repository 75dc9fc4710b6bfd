import { Plus, X } from "lucide-react";
import { ColourField } from "./ColourField";
import { useColours } from "./useColours";

export function Seeds() {
  const { seeds, setSeed, addSeed, removeSeed } = useColours();
  return (
    <div className="mb-4">
      <h2 className="mb-1">Seed colours</h2>
      <p className="mb-1.5 text-faint">The most important first. Everything else is derived.</p>
      <ol className="flex flex-col gap-1.5">
        {seeds.map((seed, i) => (
          <li key={i} className="flex items-center gap-1.5">
            <ColourField
              label={`Seed ${String(i + 1)}`}
              colour={seed}
              set={(colour, gesture) => setSeed(i, colour, gesture)}
            />
            {seeds.length > 1 && (
              <button
                className="btn px-1.5"
                aria-label={`Remove seed ${String(i + 1)}`}
                onClick={() => void removeSeed(i)}
              >
                <X size={14} />
              </button>
            )}
          </li>
        ))}
      </ol>
      {seeds.length < 5 && (
        <button className="btn mt-1.5" onClick={() => void addSeed("#7a5c9e")}>
          <Plus size={14} />
          Add a colour
        </button>
      )}
    </div>
  );
}
