import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { FileDown, FileUp } from "lucide-react";
import { useRef, useState } from "react";
import { sendFile, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { useThemeId } from "../theme/useTheme";
import { useLimits } from "../theme/titles";
import { useColours } from "./useColours";

const FORMATS: [string, string][] = [
  ["TOKENS", "Design tokens (JSON)"],
  ["GIMP", "GIMP palette"],
  ["CSS", "CSS custom properties"],
  ["SVG", "SVG swatch sheet"],
];
/** Files that colours are read from. */
export const COLOUR_FILES = ".json,.gpl,.css,.svg,.png,.jpg,.jpeg,.gif,.webp";

/** Seeds from a logo or a palette file, and the brand's colours out in open formats. */
export function BringIn() {
  const id = useThemeId();
  const chooser = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<Schemas["ReadView"] | null>(null);
  const open = (file: File | undefined) => {
    if (file) sendFile<Schemas["ReadView"]>("/api/palettes/read", file).then(setRead, sayProblem);
  };
  return (
    <div className="mb-4">
      <div className="flex gap-1.5">
        <button className="btn px-2" onClick={() => chooser.current?.click()}>
          <FileUp size={14} />
          Logo, palette
        </button>
        <input
          ref={chooser}
          type="file"
          accept={COLOUR_FILES}
          className="hidden"
          aria-label="Logo or palette to take seeds from"
          onChange={(event) => {
            open(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
        <Menu>
          <MenuButton className="btn px-2">
            <FileDown size={14} />
            Save as
          </MenuButton>
          <MenuItems anchor="bottom end" className="z-20 border border-rule bg-sheet py-1 shadow">
            {FORMATS.map(([format, name]) => (
              <MenuItem key={format}>
                <a
                  className="block px-3 py-1 data-focus:bg-kelp-soft"
                  href={`/api/themes/${id}/palette?format=${format}`}
                >
                  {name}
                </a>
              </MenuItem>
            ))}
          </MenuItems>
        </Menu>
      </div>
      {read && (
        <Choice key={read.swatches.map((swatch) => swatch.colour).join()} read={read} close={() => setRead(null)} />
      )}
    </div>
  );
}

function Choice({ read, close }: { read: Schemas["ReadView"]; close: () => void }) {
  const { setSeeds } = useColours();
  const limits = useLimits();
  const [chosen, setChosen] = useState(() => read.swatches.flatMap((swatch, i) => (swatch.proposed ? [i] : [])));
  const turn = (i: number) => setChosen((old) => (old.includes(i) ? old.filter((one) => one !== i) : [...old, i]));
  const use = async () => {
    if (await setSeeds(chosen.flatMap((i) => read.swatches[i]?.colour ?? []))) close();
  };
  return (
    <div className="mt-1.5 border border-rule bg-sheet p-2">
      <p className="mb-1 text-faint">{read.name || "Found"}: choose one to five, the most important first.</p>
      <ul className="max-h-52 overflow-auto">
        {read.swatches.map((swatch, i) => (
          <li key={i}>
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                className="accent-kelp"
                checked={chosen.includes(i)}
                disabled={!chosen.includes(i) && chosen.length >= (limits?.seeds ?? 0)}
                onChange={() => turn(i)}
              />
              <span className="size-4 shrink-0 border border-rule" style={{ background: swatch.colour }} />
              <span className="truncate" title={`${swatch.name} ${swatch.colour}`}>
                {swatch.name || swatch.colour}
              </span>
              {chosen.includes(i) && <span className="ml-auto text-faint">{chosen.indexOf(i) + 1}</span>}
            </label>
          </li>
        ))}
      </ul>
      <div className="mt-1.5 flex gap-1.5">
        <button className="btn btn-main" disabled={chosen.length === 0} onClick={() => void use()}>
          Use as seeds
        </button>
        <button className="btn" onClick={close}>
          Close
        </button>
      </div>
    </div>
  );
}
