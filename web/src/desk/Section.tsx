import { ArrowDown, ArrowUp, ChevronDown, ChevronRight, Maximize2, Minimize2 } from "lucide-react";
import type { ReactNode } from "react";
import { moved, useArrangement, type Part } from "./arrangement";

/** A part of the desk: folded away, moved and made larger as somebody wants it on this device. */
export function Section({
  part,
  title,
  there,
  children,
}: {
  part: Part;
  title: string;
  there: Part[];
  children: ReactNode;
}) {
  const { order, folded, large, change } = useArrangement();
  const shut = folded.includes(part);
  const big = large.includes(part);
  const at = there.indexOf(part);
  const flip = (list: Part[]) => (list.includes(part) ? list.filter((one) => one !== part) : [...list, part]);
  return (
    <section
      aria-label={title}
      className={`mb-3 break-inside-avoid border-t border-ink bg-sheet px-3 pb-2 ${big ? "large" : ""}`}
    >
      <div className="group flex items-center">
        <h2 className="min-w-0 flex-1">
          <button
            className="flex min-h-11 w-full items-center gap-1 text-left"
            aria-expanded={!shut}
            onClick={() => change({ folded: flip(folded) })}
          >
            {shut ? <ChevronRight size={16} aria-hidden /> : <ChevronDown size={16} aria-hidden />}
            {title}
          </button>
        </h2>
        <span className="desk-tools flex">
          <Tool label={`Move ${title} up`} off={at === 0} does={() => change({ order: moved(order, part, -1, there) })}>
            <ArrowUp size={14} />
          </Tool>
          <Tool
            label={`Move ${title} down`}
            off={at === there.length - 1}
            does={() => change({ order: moved(order, part, 1, there) })}
          >
            <ArrowDown size={14} />
          </Tool>
          <Tool
            label={big ? `Make ${title} smaller` : `Make ${title} larger`}
            does={() => change({ large: flip(large) })}
          >
            {big ? <Minimize2 size={14} /> : <Maximize2 size={14} />}
          </Tool>
        </span>
      </div>
      {!shut && children}
    </section>
  );
}

function Tool({
  label,
  off = false,
  does,
  children,
}: {
  label: string;
  off?: boolean;
  does: () => void;
  children: ReactNode;
}) {
  return (
    <button
      className="flex size-8 items-center justify-center text-faint hover:text-ink disabled:opacity-30"
      aria-label={label}
      title={label}
      disabled={off}
      onClick={does}
    >
      {children}
    </button>
  );
}
