import { useCatalogue } from "../theme/useTheme";
import type { Schemas } from "../api/client";

export type Vision = Schemas["VisionView"]["id"];

/** Chooses through whose eyes the page is seen. */
export function EyesSwitch({ eyes, setEyes }: { eyes: Vision; setEyes: (eyes: Vision) => void }) {
  const catalogue = useCatalogue();
  return (
    <div className="flex items-center gap-1.5" role="group" aria-label="Seen by">
      <span className="text-faint">Seen by</span>
      {catalogue.data?.visions.map((vision) => (
        <button
          key={vision.id}
          className={`btn ${eyes === vision.id ? "border-kelp bg-kelp-soft" : ""}`}
          title={vision.title}
          aria-pressed={eyes === vision.id}
          onClick={() => setEyes(vision.id)}
        >
          {vision.title.split(":")[0]}
        </button>
      ))}
    </div>
  );
}

/** The filters that the switch names; they work on linear light, as the simulation's matrices do. */
export function EyesFilters() {
  const catalogue = useCatalogue();
  return (
    <svg width="0" height="0" className="absolute" aria-hidden>
      {catalogue.data?.visions.map((vision) => (
        <filter key={vision.id} id={`eyes-${vision.id}`} colorInterpolationFilters="linearRGB">
          <feColorMatrix
            type="matrix"
            values={[...vision.matrix.map((row) => [...row, 0, 0]), [0, 0, 0, 1, 0]].flat().join(" ")}
          />
        </filter>
      ))}
    </svg>
  );
}

export function seenBy(eyes: Vision): React.CSSProperties {
  return eyes === "ORDINARY" ? {} : { filter: `url(#eyes-${eyes})` };
}
