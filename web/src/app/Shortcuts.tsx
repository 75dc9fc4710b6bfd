import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useLocation } from "react-router";

type Keys = [keys: string, does: string][];

const EVERYWHERE: Keys = [
  ["?", "These shortcuts"],
  ["Ctrl K", "Find a screen, a scene, a piece or an action by typing"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["Alt 1 … 7", "The steps of the work, Brand to Move"],
  ["Tab", "The next control"],
];

const ON_STAGE: Keys = [
  ["Tab, Shift Tab", "The next piece, the one before"],
  ["Shift click, drag", "Select several; Ctrl A selects all"],
  ["Arrows", "Move by 1 px; with Shift by 10"],
  ["Alt Arrows", "Size by 1 px; with Shift by 10"],
  [", and .", "Turn by a degree; < and > by 15"],
  ["[ and ]", "One back in the stack, one to the front"],
  ["M, H, L", "Mirror, hide on this shape, lock"],
  ["Ctrl D", "Duplicate"],
  ["Ctrl C, Ctrl V", "Copy to another scene"],
  ["Ctrl G", "Move as one, or apart again"],
  ["Delete", "Take off this scene; on a plan line: put it back"],
  ["Ctrl while dragging", "Let edges not catch"],
  ["Esc", "Select nothing"],
];

const ON_PICTURES: Keys = [["Enter on “Add pictures”", "Choose files; folders can be dropped"]];

/** The shortcuts of the screen that is open. */
export function Shortcuts({ open, close }: { open: boolean; close: () => void }) {
  const { pathname } = useLocation();
  const own = pathname.includes("/stage/") ? ON_STAGE : pathname.endsWith("/brand/pictures") ? ON_PICTURES : [];
  return (
    <Dialog open={open} onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center bg-ink/30 p-16">
        <DialogPanel className="w-96 border border-rule bg-sheet p-4">
          <DialogTitle as="h2" className="mb-2">
            Shortcuts
          </DialogTitle>
          {own.length > 0 && (
            <>
              <h3 className="mb-1">On this screen</h3>
              <KeyList keys={own} />
            </>
          )}
          <h3 className="mb-1 mt-3">Everywhere</h3>
          <KeyList keys={EVERYWHERE} />
          <button className="btn mt-4" onClick={close}>
            Close
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function KeyList({ keys }: { keys: Keys }) {
  return (
    <dl className="grid grid-cols-[128px_minmax(0,1fr)] gap-y-1">
      {keys.map(([key, does]) => (
        <div key={key} className="contents">
          <dt className="font-bold">{key}</dt>
          <dd className="text-faint">{does}</dd>
        </div>
      ))}
    </dl>
  );
}
