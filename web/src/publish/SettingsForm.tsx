import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useCopy } from "../app/useCopy";
import { useSettled } from "../app/useSettled";
import { useWidthScale } from "../app/useWidthScale";
import { queryOf, type Chosen } from "./linkSettings";
import type { Row } from "./useLedger";

type Setting = Schemas["LinkSetting"];

/** Until somebody stops turning a control, the picture is left alone; milliseconds. */
const SETTLES = 400;

/** What stands in the link of one source for it alone, made with controls beside its live picture. */
export function SettingsForm({ row, close }: { row: Row; close: () => void }) {
  const [chosen, choose] = useState<Chosen>({});
  const query = queryOf(chosen);
  const settled = useSettled(query, SETTLES);
  const settings = useQuery({
    queryKey: ["link settings", row.outlet, settled],
    queryFn: () =>
      answer(api.GET("/api/outlets/{id}/settings", { params: { path: { id: row.outlet }, query: { set: settled } } })),
    placeholderData: keepPreviousData,
  });
  const put = useCopy();
  const link = query === "" ? row.link : `${row.link}?${query}`;
  const view = settings.data;
  const owners = [...new Set(view?.allowed.map((one) => one.owner))];
  return (
    <Dialog open onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center bg-ink/30 p-8">
        <DialogPanel className="grid max-h-full w-full max-w-[1120px] grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-5 overflow-hidden border border-rule bg-sheet p-4">
          <div className="flex min-h-0 flex-col">
            <DialogTitle as="h2">
              Settings of {row.sceneName}, {row.title}
            </DialogTitle>
            <p className="mb-2 text-faint">They stand in the link and count for this source alone.</p>
            <Trouble query={settings} />
            {settings.isPending && <p className="text-faint">Looking what may be set …</p>}
            {view?.allowed.length === 0 && <p className="text-faint">Nothing that could be set is in this source.</p>}
            <div className="min-h-0 flex-1 overflow-auto pr-2">
              {owners.map((owner) => (
                <details key={owner} className="border-t border-rule py-1" open={owners.length < 3}>
                  <summary className="cursor-pointer font-head font-bold">
                    {owner === "" ? "The whole source" : owner}
                    <Count of={view?.allowed.filter((one) => one.owner === owner && chosen[one.name] !== undefined)} />
                  </summary>
                  {view?.allowed
                    .filter((one) => one.owner === owner)
                    .map((one) => (
                      <Control
                        key={one.name}
                        setting={one}
                        value={chosen[one.name]}
                        set={(value) => choose((old) => ({ ...old, [one.name]: value }))}
                      />
                    ))}
                </details>
              ))}
            </div>
          </div>
          <div className="flex min-w-0 flex-col gap-2">
            <Live row={row} link={settled === "" ? row.link : `${row.link}?${settled}`} />
            <div role="status">
              {view?.ignored.map((one) => (
                <p key={one.name + one.sentence} className="text-ochre">
                  {one.sentence}
                </p>
              ))}
              {view?.broken.map((sentence) => (
                <p key={sentence} className="text-ochre">
                  {sentence}
                </p>
              ))}
              {view && query !== "" && view.ignored.length === 0 && view.broken.length === 0 && (
                <p className="text-kelp">All of it counts, and the guarantees of the brand hold.</p>
              )}
            </div>
            <output
              className="block max-h-28 overflow-auto break-all border border-rule p-2 tabular-nums"
              aria-label="Link with its settings"
              tabIndex={0}
            >
              {link}
            </output>
            <div className="flex gap-2">
              <button
                className="btn btn-main"
                disabled={query === "" || (view?.ignored.length ?? 0) > 0}
                onClick={() =>
                  put(
                    link,
                    "Link with its settings copied.",
                    "The browser does not allow copying here; mark it instead.",
                  )
                }
              >
                Copy the link
              </button>
              <button className="btn" disabled={query === ""} onClick={() => choose({})}>
                Set all back
              </button>
              <button className="btn ml-auto" onClick={close}>
                Close
              </button>
            </div>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function Count({ of }: { of: Setting[] | undefined }) {
  return of && of.length > 0 ? <span className="ml-2 text-kelp">{of.length} set</span> : null;
}

function Control(props: { setting: Setting; value: string | undefined; set: (value: string | undefined) => void }) {
  const { setting, value, set } = props;
  const label = `${setting.title}${setting.owner === "" ? "" : ` of ${setting.owner}`}`;
  const now = value ?? setting.now;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_24px] items-center gap-2 py-0.5">
      <span className={value === undefined ? "text-faint" : ""} title={setting.name}>
        {setting.title}
      </span>
      {setting.sort === "CHOICE" ? (
        <select className="field" aria-label={label} value={now} onChange={(event) => set(event.target.value)}>
          {setting.choices.map((choice, i) => (
            <option key={choice} value={String(i)}>
              {choice}
            </option>
          ))}
        </select>
      ) : setting.sort === "COLOUR" ? (
        <input
          type="color"
          className="h-6 w-full"
          aria-label={label}
          value={now === "" ? "#808080" : now}
          onChange={(event) => set(event.target.value)}
        />
      ) : setting.sort === "WORDS" ? (
        <input
          className="field min-w-0"
          aria-label={label}
          maxLength={setting.most}
          value={now}
          onChange={(event) => set(event.target.value)}
        />
      ) : (
        <NumberControl label={label} setting={setting} now={now} set={set} />
      )}
      <button
        className="grid size-6 place-items-center text-faint disabled:opacity-30"
        aria-label={`Set ${label} back`}
        title="Set back"
        disabled={value === undefined}
        onClick={() => set(undefined)}
      >
        ×
      </button>
    </div>
  );
}

/** What is typed is kept as it is typed; whether it can be is said beside the picture. */
function NumberControl(props: { label: string; setting: Setting; now: string; set: (value: string) => void }) {
  const { label, setting, now, set } = props;
  return (
    <span className="flex items-center gap-1">
      <input
        className="field min-w-0 flex-1"
        inputMode="decimal"
        aria-label={label}
        value={now}
        onChange={(event) => set(event.target.value)}
      />
      <span className="whitespace-nowrap text-[12px] text-faint">
        {setting.least} to {setting.most > 9999 ? setting.most.toExponential() : setting.most}
      </span>
    </span>
  );
}

/** The page that the link opens, as a stranger sees it. */
function Live({ row, link }: { row: Row; link: string }) {
  const { frame, scale } = useWidthScale(row.width);
  const [fits, setFits] = useState(1);
  useEffect(() => {
    const measure = () => setFits(Math.min(1, (innerHeight * 0.55) / ((row.height * innerWidth * 0.5) / row.width)));
    measure();
    addEventListener("resize", measure);
    return () => removeEventListener("resize", measure);
  }, [row.width, row.height]);
  return (
    <div ref={frame} className="mx-auto w-full" style={{ width: `${String(Math.round(fits * 100))}%` }}>
      <div
        className="relative overflow-hidden bg-[#767676]"
        style={{ aspectRatio: `${String(row.width)} / ${String(row.height)}` }}
      >
        <iframe
          key={link}
          src={ownPath(link)}
          sandbox="allow-scripts"
          title="The source with these settings"
          width={row.width}
          height={row.height}
          className="absolute left-0 top-0 origin-top-left border-0"
          // By night a page within this one would be laid on white.
          style={{ transform: `scale(${String(scale)})`, colorScheme: "normal" }}
        />
      </div>
    </div>
  );
}

/** On this server, whichever address its links are written with. */
function ownPath(link: string): string {
  const url = new URL(link, location.href);
  return url.pathname + url.search;
}
