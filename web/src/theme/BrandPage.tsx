import { useQuery } from "@tanstack/react-query";
import { Plus, X } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { HexColorInput, HexColorPicker } from "react-colorful";
import { Link } from "react-router";
import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import { answer, api, type Schemas } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { useCatalogue, useEdit, useTheme } from "./useTheme";

/** Seeds and faces on one side; on the other what is derived from them, as figures and as true pictures. */
export function BrandPage() {
  const { theme, id } = useTheme();
  const wide = theme.canvases[0];
  return (
    <div className="grid min-h-full grid-cols-[250px_minmax(0,1fr)]">
      <section className="border-r border-rule p-4">
        <h1 className="mb-3">Brand</h1>
        <Seeds seeds={theme.brand.seeds} />
        <Faces brand={theme.brand} />
        <Corner value={theme.brand.corner} />
      </section>
      <section className="min-w-0 p-4">
        <Roles />
        <h2 className="mb-2 mt-4">On your scenes</h2>
        {theme.scenes.length === 0 || !wide ? <p className="flex items-center gap-3 text-faint">No scenes yet; they will wear this brand.<Link className="btn btn-main" to={`/themes/${id}/sheet`}>Add the first scene</Link></p> : (
          <ol className="grid grid-cols-2 gap-3 xl:grid-cols-3">
            {theme.scenes.slice(0, 6).map((scene) => (
              <li key={scene.id}>
                <div className="weave"><ScenePicture theme={id} scene={scene.id} canvas={wide.id} width={wide.size.width} height={wide.size.height} /></div>
                <span className="text-faint">{scene.name}</span>
              </li>
            ))}
          </ol>
        )}
      </section>
    </div>
  );
}

function Seeds({ seeds }: { seeds: string[] }) {
  const edit = useEdit();
  return (
    <div className="mb-5">
      <h2 className="mb-1">Seed colours</h2>
      <p className="mb-2 text-faint">The most important first. Everything else is derived.</p>
      <ol className="flex flex-col gap-1.5">
        {seeds.map((seed, i) => (
          <li key={i} className="flex items-center gap-2">
            <Seed index={i} seed={seed} />
            {seeds.length > 1 && <button className="btn px-1.5" aria-label={`Remove seed ${String(i + 1)}`} onClick={() => void edit({ edit: "removeSeed", index: i })}><X size={14} /></button>}
          </li>
        ))}
      </ol>
      {seeds.length < 5 && <button className="btn mt-2" onClick={() => void edit({ edit: "addSeed", index: seeds.length, colour: "#7a5c9e" })}><Plus size={14} />Add a colour</button>}
    </div>
  );
}

/** One seed: a picker that repaints everything while it is dragged, and the notation to type. */
function Seed({ index, seed }: { index: number; seed: string }) {
  const edit = useEdit();
  const [colour, setColour] = useState(seed);
  const sent = useRef({ at: 0, timer: 0 });
  const gesture = useRef("");
  useEffect(() => setColour(seed), [seed]);
  const change = (next: string) => {
    setColour(next);
    if (!/^#[0-9a-f]{6}$/i.test(next) || next === seed) return;
    clearTimeout(sent.current.timer);
    const send = () => {
      sent.current.at = Date.now();
      void edit({ edit: "setSeed", index, colour: next }, gesture.current);
    };
    const wait = 60 - (Date.now() - sent.current.at);
    if (wait <= 0) send();
    else sent.current.timer = window.setTimeout(send, wait);
  };
  const begin = () => {
    gesture.current = crypto.randomUUID();
  };
  return (
    <Popover className="relative flex flex-1 items-center gap-2">
      <PopoverButton onClick={begin} className="h-8 w-12 border border-rule" style={{ background: colour }} aria-label={`Seed ${String(index + 1)}, ${colour}; open the picker`} />
      <HexColorInput className="field w-24" prefixed color={colour} onChange={change} onFocus={begin} aria-label={`Seed ${String(index + 1)} as text`} />
      <PopoverPanel anchor="right start" className="z-20 ml-2 border border-rule bg-sheet p-3 shadow"><HexColorPicker color={colour} onChange={change} onMouseDown={begin} /></PopoverPanel>
    </Popover>
  );
}

function Faces({ brand }: { brand: Schemas["Brand"] }) {
  const catalogue = useCatalogue();
  const edit = useEdit();
  const uses: ["HEADING" | "TEXT" | "FIGURES", string, Schemas["Brand"]["heading"]][] = [["HEADING", "Headings", brand.heading], ["TEXT", "Text", brand.text], ["FIGURES", "Figures", brand.figures]];
  return (
    <div className="mb-5">
      <h2 className="mb-1">Type faces</h2>
      {uses.map(([use, label, face]) => (
        <label key={use} className="mb-1.5 grid grid-cols-[70px_1fr] items-center gap-2">
          {label}
          <select className="field" value={face} style={{ fontFamily: `"${catalogue.data?.faces.find((f) => f.id === face)?.family ?? ""}"` }}
            onChange={(e) => void edit({ edit: "setFace", use, face: e.target.value as Schemas["Brand"]["heading"] })}>
            {catalogue.data?.faces.map((option) => <option key={option.id} value={option.id} style={{ fontFamily: `"${option.family}"` }}>{option.title}</option>)}
          </select>
        </label>
      ))}
    </div>
  );
}

function Corner({ value }: { value: number }) {
  const edit = useEdit();
  const [shown, setShown] = useState(value);
  useEffect(() => setShown(value), [value]);
  return (
    <label className="block">
      <h2 className="mb-1">Corners</h2>
      <input type="range" min={0} max={1} step={0.05} value={shown} className="w-full accent-kelp" aria-valuetext={`${String(Math.round(shown * 100))} % round`}
        onChange={(e) => { setShown(Number(e.target.value)); void edit({ edit: "setCorner", corner: Number(e.target.value) }, "corner"); }} />
      <span className="flex justify-between text-faint"><span>square</span><span>{Math.round(shown * 100)} %</span><span>round</span></span>
    </label>
  );
}

const ROLE_NAMES: Record<Schemas["RoleColour"]["role"], string> = {
  GROUND: "Ground", HORIZON: "Horizon", PLATE: "Plate", TEXT: "Text", QUIET_TEXT: "Quiet text", ACCENT: "Accent", SECOND_ACCENT: "Second accent", EDGE: "Edge", GLOW: "Glow", ON_AIR: "On air",
};

function Roles() {
  const { id } = useTheme();
  const palette = useQuery({ queryKey: ["palette", id], queryFn: () => answer(api.GET("/api/themes/{id}/palette", { params: { path: { id } } })), placeholderData: (old) => old });
  const colour = (role: string) => palette.data?.find((r) => r.role === role)?.colour ?? "#000";
  if (palette.error) return <p role="alert" className="text-live">{palette.error.message}</p>;
  return (
    <>
      <h2 className="mb-2">Derived roles, with what they guarantee</h2>
      <ul className="grid grid-cols-2 gap-x-6">
        {palette.data?.map((role) => (
          <li key={role.role} data-role={role.role} className="flex items-center gap-3 border-t border-rule py-1.5">
            <span className="grid h-11 w-20 shrink-0 place-items-center border border-rule" style={{ background: role.checks.length > 0 ? colour("PLATE") : role.colour, color: role.colour }}>
              {role.checks.length > 0 && <span className="font-head text-lg font-bold">Ag 24</span>}
            </span>
            <span className="min-w-0">
              <span className="font-bold">{ROLE_NAMES[role.role]}</span> <code className="text-faint">{role.colour}</code>
              <span className="block truncate text-faint" title={role.reason}>{role.reason}</span>
              {role.checks.length > 0 && <span className="block">{role.checks.map((check) => `${check.ratio.toFixed(1)}:1 on ${ROLE_NAMES[check.against].toLowerCase()}`).join(" · ")}</span>}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
