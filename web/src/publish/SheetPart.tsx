import { useQuery } from "@tanstack/react-query";
import { Copy, Download, GripVertical } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { LinkCode } from "../app/LinkCode";
import { NumberField } from "../app/NumberField";
import { Trouble } from "../app/Trouble";
import { useCopy } from "../app/useCopy";
import { useMay } from "../theme/May";
import { titleOf, useChoices } from "../theme/titles";
import { useTheme } from "../theme/useTheme";

type Sheet = Schemas["SheetView"];
type Capture = Schemas["SheetCapture"];
type Browser = Schemas["SheetBrowser"];
type Size = Schemas["Size"];

/** All that is typed into broadcasting software for one canvas, in the order in which it is typed. */
export function SheetPart({ canvas }: { canvas: string }) {
  const { id, onAir } = useTheme();
  const may = useMay("OPERATOR");
  const [sizes, setSizes] = useState<Record<string, Size>>({});
  const size = Object.entries(sizes).map(
    ([capture, { width, height }]) => `${capture}:${String(width)}x${String(height)}`,
  );
  const sheet = useQuery({
    queryKey: ["source-sheet", id, canvas, onAir, size],
    queryFn: () =>
      answer(api.GET("/api/themes/{id}/source-sheet/{canvas}", { params: { path: { id, canvas }, query: { size } } })),
    placeholderData: (old) => old,
  });
  if (!sheet.data) return <Trouble query={sheet} />;
  const query = size.map((one) => `size=${encodeURIComponent(one)}`).join("&");
  const file = (kind: string) => `/api/themes/${id}/source-sheet/${canvas}/${kind}${query === "" ? "" : `?${query}`}`;
  return (
    <div>
      <Trouble query={sheet} />
      <div className="mb-3 flex flex-wrap items-center gap-3 print:hidden">
        <Sizes sheet={sheet.data} sizes={sizes} set={setSizes} />
        {may && (
          <span className="ml-auto flex gap-1">
            {["PDF", "CSV", "JSON"].map((kind) => (
              <a key={kind} className="btn" href={file(kind.toLowerCase())} download>
                <Download size={13} /> {kind}
              </a>
            ))}
          </span>
        )}
      </div>
      <p className="mb-2 text-faint">
        Release {sheet.data.release}. In each scene, sources from bottom to top, in the order in which they are added.
      </p>
      {sheet.data.scenes.map((page) => (
        <section key={page.scene} className="mb-4" aria-label={page.name}>
          <h2 className="border-b border-ink font-head text-[15px] font-bold">
            {page.name} <span className="font-normal text-faint">{page.reason}</span>
          </h2>
          <ol>
            {page.sources.map((one) => (
              <li key={one.order} className="flex gap-3 border-b border-rule py-2">
                <span className="w-5 shrink-0 text-right font-head font-bold">{one.order}</span>
                {one.source === "browser" ? <BrowserLines one={one} /> : <CaptureLines one={one} />}
              </li>
            ))}
          </ol>
        </section>
      ))}
    </div>
  );
}

/** Another camera than the theme says: its size is typed, and all figures follow. */
function Sizes({
  sheet,
  sizes,
  set,
}: {
  sheet: Sheet;
  sizes: Record<string, Size>;
  set: (change: (old: Record<string, Size>) => Record<string, Size>) => void;
}) {
  const captures = new Map<string, Capture>();
  sheet.scenes
    .flatMap((page) => page.sources)
    .forEach((one) => {
      if (one.source === "capture") captures.set(one.capture, one);
    });
  if (captures.size === 0) return null;
  return (
    <span className="flex flex-wrap items-center gap-x-4 gap-y-1">
      {[...captures.values()].map((one) => {
        // The sheet that is shown may not know yet what was typed a moment ago.
        const change = (part: Partial<Size>) =>
          set((old) => ({ ...old, [one.capture]: { ...one.size, ...old[one.capture], ...part } }));
        return (
          <span key={one.capture} className="flex items-center gap-1">
            {one.name}
            <NumberField
              label={`Width of ${one.name}`}
              value={one.size.width}
              set={(width) => {
                change({ width: Math.round(width) });
                return Promise.resolve(true);
              }}
            />
            ×
            <NumberField
              label={`Height of ${one.name}`}
              value={one.size.height}
              set={(height) => {
                change({ height: Math.round(height) });
                return Promise.resolve(true);
              }}
            />
          </span>
        );
      })}
      {Object.keys(sizes).length > 0 && (
        <button className="btn" onClick={() => set(() => ({}))}>
          As the theme says
        </button>
      )}
    </span>
  );
}

function BrowserLines({ one }: { one: Browser }) {
  const { behaviours } = useChoices();
  const put = useCopy();
  return (
    <>
      <div className="min-w-0 flex-1">
        <p className="font-bold">{one.name}</p>
        {one.link === "" ? (
          <p className="text-faint">Its link is for operators and above, or was withdrawn.</p>
        ) : (
          <p className="flex items-center gap-1">
            <a
              className="flex min-w-0 items-center gap-1 underline"
              href={one.link}
              draggable
              title="Drag it into a scene, where your software takes links"
            >
              <GripVertical size={13} className="shrink-0 text-faint" />
              <span className="break-all">{one.link}</span>
            </a>
            <button
              className="btn px-1.5"
              aria-label={`Copy the link of ${one.name}`}
              onClick={() =>
                put(one.link, "Link copied.", "The browser does not allow copying here; drag the link instead.")
              }
            >
              <Copy size={13} />
            </button>
          </p>
        )}
        <Figures
          all={[
            ["Width", one.width],
            ["Height", one.height],
            ["Frames a second", one.frameRate],
            ["Left", one.x],
            ["Top", one.y],
          ]}
        />
        <p>
          While its scene is off: <b>{titleOf(behaviours, one.behaviour).toLowerCase()}</b>.{" "}
          <span className="text-faint">{one.reason}</span>{" "}
          {one.sound ? (
            <b>Route its sound: alerts may be heard here.</b>
          ) : (
            <span className="text-faint">No sound.</span>
          )}
        </p>
      </div>
      {one.link !== "" && <LinkCode link={one.link} size={96} />}
    </>
  );
}

function CaptureLines({ one }: { one: Capture }) {
  const { crop, box } = one;
  return (
    <div className="min-w-0 flex-1">
      <p className="font-bold">
        {one.name}{" "}
        <span className="font-normal text-faint">
          capture, {one.size.width} × {one.size.height}
          {one.turn !== 0 &&
            `, turned ${one.turn.toFixed(1)}° clockwise about ${one.centreX.toFixed(0)}, ${one.centreY.toFixed(0)}`}
        </span>
      </p>
      <Figures
        title="Cropped in its own pixels"
        all={[
          ["Cut left", crop.crop.left],
          ["top", crop.crop.top],
          ["right", crop.crop.right],
          ["bottom", crop.crop.bottom],
          ["Scale %", (crop.scale * 100).toFixed(2)],
          ["Left", crop.x],
          ["Top", crop.y],
        ]}
      />
      <Figures
        title="Or: filling a box"
        all={[
          ["Left", box.x],
          ["Top", box.y],
          ["Width", box.width],
          ["Height", box.height],
          ["Across %", (box.across * 100).toFixed(0)],
          ["Down %", (box.down * 100).toFixed(0)],
        ]}
      />
      {crop.scale > 1 && <p className="text-ochre">It is enlarged beyond its own pixels, which makes it soft.</p>}
    </div>
  );
}

/** Numbers to be typed; a press copies one. */
function Figures({ title, all }: { title?: string; all: [string, number | string][] }) {
  const put = useCopy();
  return (
    <p className="my-0.5 flex flex-wrap items-center gap-x-3">
      {title && <span className="w-44 text-faint">{title}</span>}
      {all.map(([name, value]) => (
        <button
          key={name}
          className="min-h-6 whitespace-nowrap"
          title={`Copy ${String(value)}`}
          onClick={() => put(String(value), `${String(value)} copied.`, "The browser does not allow copying here.")}
        >
          <span className="text-faint">{name}</span> <b className="tabular-nums">{value}</b>
        </button>
      ))}
    </p>
  );
}
