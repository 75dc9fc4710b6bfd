import { Tab, TabGroup, TabList, TabPanel, TabPanels } from "@headlessui/react";
import { Wrench } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import type { Finding, Theme } from "../api/client";
import { FOOTAGE, type FootageName } from "../footage/Footage";
import { useFindings, useFlashes, useLayouts, useRepair, useTheme } from "../theme/useTheme";
import { useLedger } from "../publish/useLedger";
import { AddScene } from "./AddScene";
import { CanvasPanel } from "./CanvasPanel";
import { Compare } from "./Compare";
import { Coverage } from "./Coverage";
import { FindingList } from "./FindingList";
import { Matrix } from "./Matrix";
import { wrong } from "./weights";
import { Trouble } from "../app/Trouble";
import { May, useMay } from "../theme/May";

const ZOOMS = [
  ["Overview", 0.5],
  ["Usual", 1],
  ["Large", 1.8],
] as const;

/** How often it is asked whether sources are right; milliseconds. */
const SELDOM = 15_000;

/** What is found about open sources stands on Publish, and is counted here. */
function OpenSources() {
  const { id, onAir } = useTheme();
  const ledger = useLedger(id, SELDOM);
  const count = onAir > 0 ? (ledger.data?.findings.length ?? 0) : 0;
  return count === 0 ? null : (
    <Link className="text-ochre underline" to={`/themes/${id}/publish`}>
      {count === 1 ? "One thing is wrong with an open source" : `${String(count)} things are wrong with open sources`}
    </Link>
  );
}

/** Scenes by canvases; every cell the true picture with what preflight found. */
export function SheetPage() {
  const { theme } = useTheme();
  const layouts = useLayouts();
  const found = useFindings();
  const flashes = useFlashes();
  const repair = useRepair();
  const [zoom, setZoom] = useState(1);
  const [footage, setFootage] = useState<FootageName | "hatch">("hatch");
  const [comparing, setComparing] = useState(false);
  const may = useMay();
  const findings: Finding[] = [
    ...(found.data ?? layouts.data?.flatMap((layout) => layout.findings) ?? []),
    ...(flashes.data ?? []),
  ];
  const fixable = findings.some((finding) => finding.fix);
  if (theme.scenes.length === 0) return <Empty />;
  return (
    <div className="p-4">
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1>Sheet</h1>
        <p className={wrong(findings).length > 0 ? "text-ochre" : "text-faint"} role="status">
          {layouts.data
            ? summary(findings, theme, found.isSuccess && flashes.isSuccess)
            : !layouts.error && "Measuring …"}
        </p>
        <OpenSources />
        <span className="ml-auto flex items-center gap-3">
          <div role="radiogroup" aria-label="Size of the pictures" className="flex">
            {ZOOMS.map(([title, value]) => (
              <button
                key={title}
                role="radio"
                aria-checked={zoom === value}
                className={`btn -ml-px rounded-none ${zoom === value ? "border-kelp bg-kelp-soft font-bold" : ""}`}
                onClick={() => setZoom(value)}
              >
                {title}
              </button>
            ))}
          </div>
          <select
            className="field"
            aria-label="Behind the scenes"
            value={footage}
            onChange={(event) => setFootage(event.target.value as typeof footage)}
          >
            <option value="hatch">Ink behind</option>
            {FOOTAGE.map(([id, title]) => (
              <option key={id} value={id}>
                {title} behind
              </option>
            ))}
          </select>
          <button
            className={`btn ${comparing ? "border-kelp bg-kelp-soft" : ""}`}
            aria-pressed={comparing}
            onClick={() => setComparing(!comparing)}
          >
            Compare two
          </button>
        </span>
      </div>
      <Trouble query={layouts} className="mb-3" />
      {comparing ? (
        <Compare footage={footage} />
      ) : (
        <Matrix
          layouts={layouts.data ?? []}
          findings={findings}
          known={found.isSuccess && flashes.isSuccess}
          zoom={zoom}
          footage={footage}
        />
      )}
      <TabGroup className="mt-4">
        <TabList className="flex gap-4 border-b border-rule">
          {[
            `Findings${findings.length > 0 ? ` ${String(findings.length)}` : ""}`,
            "Where pieces are",
            "Canvases and captures",
            ...(may ? ["Add a scene"] : []),
          ].map((name) => (
            <Tab
              key={name.split(" ")[0]}
              className="-mb-px border-b-2 border-transparent pb-1 font-head data-selected:border-kelp data-selected:font-bold"
            >
              {name}
            </Tab>
          ))}
        </TabList>
        <TabPanels className="pt-3">
          <TabPanel className="max-w-4xl">
            {fixable && may && (
              <button className="btn btn-main mb-2" disabled={repair.isPending} onClick={() => repair.mutate()}>
                <Wrench size={14} />
                {repair.isPending ? "Fixing …" : "Fix all that can be fixed"}
              </button>
            )}
            <FindingList findings={findings} asked={[found, flashes]} />
          </TabPanel>
          <TabPanel>
            <May>
              <Coverage />
            </May>
          </TabPanel>
          <TabPanel>
            <May>
              <CanvasPanel />
            </May>
          </TabPanel>
          {may && (
            <TabPanel className="max-w-xl">
              <AddScene />
            </TabPanel>
          )}
        </TabPanels>
      </TabGroup>
    </div>
  );
}

/** It is only said that everything fits once everything was looked at. */
function summary(findings: Finding[], theme: Theme, all: boolean): string {
  const cells = `${String(theme.scenes.length)} scenes on ${String(theme.canvases.length)} canvases`;
  const bad = wrong(findings).length;
  const notes = findings.length - bad;
  const noted = notes === 0 ? "" : `, ${String(notes)} ${notes === 1 ? "note" : "notes"}`;
  if (bad > 0)
    return `${cells}: ${String(bad)} ${bad === 1 ? "finding" : "findings"}${noted}${all ? "." : "; still looking …"}`;
  return `${cells}${all ? `: everything fits${noted}.` : "; still looking …"}`;
}

function Empty() {
  const may = useMay();
  return (
    <div className="p-4">
      <h1 className="mb-3">Sheet</h1>
      <div className="mb-4 max-w-xl border border-dashed border-rule p-6">
        <p className="text-faint">This theme has no scenes yet.{may && " The first one can stand here in a moment:"}</p>
        {may && (
          <div className="mt-3">
            <AddScene />
          </div>
        )}
      </div>
      <May>
        <CanvasPanel />
      </May>
    </div>
  );
}
