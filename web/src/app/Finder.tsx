import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from "@headlessui/react";
import { useState } from "react";

/** Something that can be reached by typing. */
export interface Findable {
  name: string;
  sort: string;
  go: () => void;
}

const MOST_SHOWN = 12;

/** Reaches every screen, scene, piece and action by typing some of its letters. */
export function Finder({ close, all }: { close: () => void; all: Findable[] }) {
  const [typed, setTyped] = useState("");
  const found = matching(all, typed).slice(0, MOST_SHOWN);
  return (
    <Dialog open onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center bg-ink/30 p-16">
        <DialogPanel className="w-120 border border-rule bg-sheet">
          <Combobox<Findable | null>
            value={null}
            onChange={(chosen) => {
              close();
              chosen?.go();
            }}
          >
            <ComboboxInput
              autoFocus
              className="field w-full border-0 px-3 py-2"
              placeholder="Type a screen, scene, piece or action"
              aria-label="Find"
              onChange={(event) => setTyped(event.target.value)}
            />
            <ComboboxOptions static className="border-t border-rule py-1">
              {found.map((findable) => (
                <ComboboxOption
                  key={`${findable.sort} ${findable.name}`}
                  value={findable}
                  className="flex cursor-default justify-between gap-4 px-3 py-1 data-focus:bg-kelp-soft"
                >
                  <span>{findable.name}</span>
                  <span className="text-faint">{findable.sort}</span>
                </ComboboxOption>
              ))}
            </ComboboxOptions>
          </Combobox>
          {found.length === 0 && <p className="px-3 pb-2 text-faint">Nothing here is called “{typed}”.</p>}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

/** Every typed word must occur; names that begin with what was typed come first. */
function matching(all: Findable[], typed: string): Findable[] {
  const words = typed
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  const hits = all.filter(({ name, sort }) => words.every((word) => `${name} ${sort}`.toLowerCase().includes(word)));
  const begins = (findable: Findable) => (findable.name.toLowerCase().startsWith(words[0] ?? "") ? 0 : 1);
  return hits.sort((one, other) => begins(one) - begins(other));
}
