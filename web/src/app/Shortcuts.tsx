import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import type { Keys } from "../theme/screens";

const EVERYWHERE: Keys = [
  ["?", "These shortcuts"],
  ["Ctrl K", "Find a screen, a scene, a piece or an action by typing"],
  ["Ctrl Z", "Undo"],
  ["Ctrl Shift Z", "Redo"],
  ["Alt 1 … 8", "The steps of the work, Brand to Move"],
  ["Tab", "The next control"],
];

/** The shortcuts of the screen that is open, and those of every screen. */
export function Shortcuts(props: { close: () => void; own: Keys; explain: () => void }) {
  const { close, own, explain } = props;
  return (
    <Dialog open onClose={close} className="relative z-30">
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
          <div className="mt-4 flex gap-2">
            <button className="btn" onClick={close}>
              Close
            </button>
            <button className="btn" onClick={explain}>
              Glossary
            </button>
          </div>
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
