import { FilePlus } from "lucide-react";
import { Trouble } from "../app/Trouble";
import { usePlatforms } from "../app/usePlatforms";
import { May } from "../theme/May";

/** The platforms' profiles: those that come along, and the workspace's own. */
export function Platforms(props: { chosen: string; choose: (platform: string) => void; write: () => void }) {
  const { chosen, choose, write } = props;
  const platforms = usePlatforms();
  return (
    <section aria-labelledby="platforms" className="mt-5">
      <h2 id="platforms" className="mb-1">
        Platforms
      </h2>
      <Trouble query={platforms} />
      <ul className="mb-2">
        {platforms.data?.map((one) => (
          <li key={one.id}>
            <button
              className={`flex w-full items-baseline gap-2 border-l-4 px-2 py-1 text-left ${one.id === chosen ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-sheet"}`}
              aria-pressed={one.id === chosen}
              onClick={() => choose(one.id)}
            >
              <span className="truncate">{one.title}</span>
              <span className="text-faint">{one.own ? "yours" : "comes along"}</span>
            </button>
          </li>
        ))}
      </ul>
      <May>
        <button className="btn only-may" onClick={write}>
          <FilePlus size={14} aria-hidden="true" />
          Write a profile
        </button>
      </May>
    </section>
  );
}
