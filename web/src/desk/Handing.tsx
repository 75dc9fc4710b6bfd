import { Share2, X } from "lucide-react";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import type { DeskView } from "./door";

const Passes = lazy(() => import("./Passes").then((module) => ({ default: module.Passes })));

/** Lets somebody else do some of it: opens the passes of the show. */
export function Handing({ show, controls }: { show: string; controls: DeskView["controls"] }) {
  const [open, setOpen] = useState(false);
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (open) dialog.current?.showModal();
    else dialog.current?.close();
  }, [open]);
  return (
    <>
      <button className="btn px-2" onClick={() => setOpen(true)}>
        <Share2 size={16} aria-hidden />
        Passes
      </button>
      <dialog
        ref={dialog}
        aria-label="Passes"
        className="m-auto max-h-[94vh] w-[min(46rem,100vw)] max-w-full overflow-auto border border-ink bg-paper p-3 text-ink backdrop:bg-black/50"
        onClose={() => setOpen(false)}
      >
        <div className="flex items-center">
          <h2 className="flex-1">Passes</h2>
          <button className="btn px-2" aria-label="Close" onClick={() => setOpen(false)}>
            <X size={16} />
          </button>
        </div>
        {open && (
          <Suspense fallback={<p className="text-faint">Loading …</p>}>
            <Passes show={show} controls={controls} />
          </Suspense>
        )}
      </dialog>
    </>
  );
}
