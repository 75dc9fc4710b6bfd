import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useState } from "react";
import WORDS from "./glossary.json";

/** Our own words, each in a sentence, with the word that everybody else uses; found by either. */
export function Glossary({ close }: { close: () => void }) {
  const [typed, setTyped] = useState("");
  const wanted = typed.trim().toLowerCase();
  const found = WORDS.filter(({ word, usual, says }) => `${word} ${usual} ${says}`.toLowerCase().includes(wanted));
  return (
    <Dialog open onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center bg-ink/30 p-4 sm:p-12">
        <DialogPanel className="flex max-h-full w-160 flex-col border border-rule bg-sheet p-4">
          <DialogTitle as="h2" className="mb-2">
            Glossary
          </DialogTitle>
          <input
            type="search"
            className="field mb-2 w-full"
            aria-label="Find a word"
            placeholder="Our word, or the one that you know"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
          <dl className="ruled min-h-0 flex-1 overflow-auto border-y border-rule" tabIndex={0} aria-label="Words">
            {found.map(({ word, usual, says }) => (
              <div key={word} className="py-1.5">
                <dt>
                  <b>{word}</b> <span className="text-faint">elsewhere: {usual}</span>
                </dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
          {found.length === 0 && <p className="mt-2 text-faint">No word here says “{typed}”.</p>}
          <div className="mt-3">
            <button className="btn" onClick={close}>
              Close
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
