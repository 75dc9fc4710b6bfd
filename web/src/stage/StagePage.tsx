import { Tab, TabGroup, TabList, TabPanel, TabPanels } from "@headlessui/react";
import { Copy, CopyPlus, Hand as HandIcon, Lock, LockOpen, Pin, Trash2 } from "lucide-react";
import {
  createContext,
  memo,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  type ComponentType,
  type ReactNode,
} from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { live } from "../api/live";
import type { Canvas, Layout, Scene, Theme, ThemeView } from "../api/client";
import { ScenePicture } from "../app/ScenePicture";
import { usePaced } from "../app/usePaced";
import { useSettled } from "../app/useSettled";
import { FindingList } from "../sheet/FindingList";
import { wrong } from "../sheet/weights";
import { PieceFields } from "../theme/PieceFields";
import { LaterTheme, useEdit, useFindings, useLayouts, useTheme, useThemeId } from "../theme/useTheme";
import { AreaList } from "./AreaList";
import { FitCard } from "./FitCard";
import { Hatch } from "./Hatch";
import { History } from "./History";
import { LayCard } from "./LayCard";
import { ManyCard } from "./ManyCard";
import { PhoneView } from "./PhoneView";
import { PlaceCard } from "./PlaceCard";
import { Stack } from "./Stack";
import { StageView } from "./StageView";
import { Toolbar } from "./Toolbar";
import { useOthers } from "./useOthers";
import { arrived, chosen, left } from "./selection";
import { useStage } from "./useStage";
import { useStageEdits } from "./useStageEdits";
import { WordsCard } from "./WordsCard";
import { Trouble } from "../app/Trouble";
import { May } from "../theme/May";

/** One scene on one canvas, large, with the others live beside it. */
export function StagePage() {
  const view = useTheme();
  const { theme, id } = view;
  const params = useParams();
  const scene = theme.scenes.find((s) => s.id === params["scene"]);
  const canvas = theme.canvases.find((c) => c.id === params["canvas"]);
  if (!scene || !canvas) {
    return (
      <div className="p-6">
        <h1 className="mb-2">This {scene ? "canvas" : "scene"} is no longer there</h1>
        <Link className="btn" to={`/themes/${id}/sheet`}>
          To the Sheet
        </Link>
      </div>
    );
  }
  return <Stage view={view} scene={scene} canvas={canvas} />;
}

function Stage({ view, scene, canvas }: { view: ThemeView; scene: Scene; canvas: Canvas }) {
  const { theme, id } = view;
  const navigate = useNavigate();
  const layouts = useLayouts(scene.id);
  const { selected, select } = useSelection(scene, canvas);
  const people = useOthers(scene.id, canvas.id, selected);
  const phone = useStage((state) => state.phone);
  const layout = layouts.data?.find((l) => l.scene === scene.id && l.canvas === canvas.id);
  const open = (s: string, c: string) =>
    void navigate(
      `/themes/${id}/stage/${s}/${c}${s === scene.id && selected.length > 0 ? `?piece=${selected.join(",")}` : ""}`,
    );
  const here = people.filter((person) => person.scene === scene.id && person.canvas === canvas.id);
  const beside = useMemo(() => ({ view, scene, layout, selected, select }), [view, scene, layout, selected, select]);
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_292px]">
      <div className="flex min-h-0 min-w-0 flex-col">
        <Toolbar theme={theme} scene={scene} canvas={canvas} open={open} />
        {!layout && !layouts.error && <p className="flex-1 p-4 text-faint">Measuring …</p>}
        <Trouble query={layouts} className={layout ? "px-4 py-1" : "flex-1 p-4"} />
        {layout &&
          (phone ? (
            <PhoneView theme={theme} scene={scene} canvas={canvas} layout={layout} />
          ) : (
            <StageView
              theme={theme}
              scene={scene}
              canvas={canvas}
              layout={layout}
              measured={layouts.dataUpdatedAt}
              selected={selected}
              select={select}
              others={here}
            />
          ))}
        <Others
          scene={scene}
          current={canvas}
          canvases={theme.canvases}
          layouts={layouts.data ?? []}
          open={(c) => open(scene.id, c)}
          people={people.map((person) => person.name)}
        />
      </div>
      <Beside now={beside} />
    </div>
  );
}

interface Now {
  view: ThemeView;
  scene: Scene;
  layout: Layout | undefined;
  selected: string[];
  select: (pieces: string[]) => void;
}

/** A hand that holds still for so long, in milliseconds, looks at what it has done. */
const PAUSE = 300;

/** How everything is at this moment, for what follows what is held. */
const Moment = createContext<Now | null>(null);

/** What is selected, and the lists: drawn when there is time for it, so that no frame of a drag waits for them. */
function Beside({ now }: { now: Now }) {
  const held = useStage((state) => state.held);
  const [rest, setRest] = useState(now);
  const settled = useSettled(now, PAUSE);
  // While something is dragged, only what follows it is drawn anew; the rest comes when the hand pauses.
  const stands =
    held &&
    settled !== now &&
    rest.selected === now.selected &&
    rest.scene.id === now.scene.id &&
    rest.layout?.canvas === now.layout?.canvas;
  if (!stands && rest !== now) setRest(now);
  return (
    <Moment value={now}>
      <Panels now={useDeferredValue(stands ? rest : now)} />
    </Moment>
  );
}

const Panels = memo(function Panels({ now: { view, scene, layout, selected, select } }: { now: Now }) {
  return (
    <LaterTheme value={view}>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-sheet">
        {layout && <Selected theme={view.theme} scene={scene} layout={layout} selected={selected} select={select} />}
        {layout && <Lists theme={view.theme} scene={scene} layout={layout} selected={selected} select={select} />}
      </aside>
    </LaterTheme>
  );
});

/** While the stage is held, what follows it does so this often; milliseconds. */
const FOLLOWS = 200;

interface CardProps {
  now: Now;
  piece: string;
}

/** A card about one piece that follows it while it is dragged. */
function Following({ piece, card: Card }: { piece: string; card: ComponentType<CardProps> }) {
  const now = useContext(Moment);
  const held = useStage((state) => state.held);
  const later = useDeferredValue(usePaced(now, held ? FOLLOWS : 0));
  return later && <Card now={later} piece={piece} />;
}

const Place = memo(function Place({ now: { view, scene, layout }, piece }: CardProps) {
  const stands = layout?.pieces.find((one) => one.id === piece);
  const placed = scene.stack.find((one) => one.piece === piece);
  if (!layout || !stands || !placed) return null;
  return <PlaceCard theme={view.theme} scene={scene} layout={layout} view={stands} placed={placed} />;
});

const Fit = memo(function Fit({ now: { layout }, piece }: CardProps) {
  return layout && <FitCard layout={layout} piece={piece} />;
});

/** The selected pieces, kept in the address; what is gone or off the scene is not selected. */
function useSelection(scene: Scene, canvas: Canvas) {
  const id = useThemeId();
  const [query, setQuery] = useSearchParams();
  const named = query.get("piece") ?? "";
  const on = scene.stack.map((placed) => placed.piece).join(",");
  const selected = useMemo(
    () => named.split(",").filter((piece) => piece !== "" && on.split(",").includes(piece)),
    [named, on],
  );
  const set = useStage((state) => state.set);
  useEffect(() => arrived(named, selected), [named, selected]);
  useEffect(() => left, []);
  useEffect(() => {
    const escape = (event: KeyboardEvent) => {
      if (event.key === "Escape") set({ drawing: "" });
    };
    addEventListener("keydown", escape);
    return () => removeEventListener("keydown", escape);
  }, [set]);
  const select = useCallback(
    (pieces: string[]) => {
      chosen(pieces);
      // The others hear of it before this page is drawn anew.
      live.at({ theme: id, scene: scene.id, canvas: canvas.id, selected: pieces });
      setQuery(pieces.length === 0 ? {} : { piece: pieces.join(",") }, { replace: true });
    },
    [id, scene.id, canvas.id, setQuery],
  );
  return { selected, select };
}

interface PanelProps {
  theme: Theme;
  scene: Scene;
  layout: Layout;
  selected: string[];
  select: (pieces: string[]) => void;
}

function Selected({ theme, scene, layout, selected, select }: PanelProps) {
  const id = useThemeId();
  const edit = useEdit();
  const actions = useStageEdits(theme, scene, layout, selected, select);
  const [first] = selected;
  const piece = theme.pieces.find((p) => p.id === first);
  const placed = scene.stack.find((one) => one.piece === first);
  const view = layout.pieces.find((p) => p.id === first);
  if (!piece || !placed)
    return (
      <p className="border-b border-rule p-3 text-faint">
        Select a piece by clicking it, in the stack below, or with Tab on the stage. Drag over empty ground to select
        several; <kbd>?</kbd> lists all keys.
      </p>
    );
  const locked = scene.stack.filter((one) => selected.includes(one.piece)).every((one) => one.locked);
  return (
    <section aria-label="Selected" className="flex min-h-0 flex-[3] flex-col border-b border-rule">
      <div className="flex items-center gap-1 px-3 pt-2.5">
        <h2 className="min-w-0 flex-1 truncate">
          {selected.length === 1 ? piece.name : `${String(selected.length)} pieces`}
        </h2>
        <May>
          {selected.length === 1 && (
            <IconButton
              label="Must show: never left out when another shape has too little room"
              on={piece.mustShow}
              press={() => void edit({ edit: "setMustShow", piece: piece.id, mustShow: !piece.mustShow })}
            >
              <Pin size={14} />
            </IconButton>
          )}
          {selected.length === 1 && (
            <IconButton
              label="Hands off: nobody runs it during a show"
              on={piece.handsOff}
              press={() => void edit({ edit: "setHandsOff", piece: piece.id, handsOff: !piece.handsOff })}
            >
              <HandIcon size={14} />
            </IconButton>
          )}
          <IconButton label={locked ? "Unlock (L)" : "Lock (L)"} on={locked} press={actions.lock}>
            {locked ? <Lock size={14} /> : <LockOpen size={14} />}
          </IconButton>
          <IconButton label="Duplicate (Ctrl D)" press={actions.duplicate}>
            <CopyPlus size={14} />
          </IconButton>
          <IconButton label="Copy to another scene (Ctrl C, there Ctrl V)" press={actions.copy}>
            <Copy size={14} />
          </IconButton>
          <IconButton label="Take off this scene (Delete)" press={actions.takeOff}>
            <Trash2 size={14} />
          </IconButton>
        </May>
      </div>
      {selected.length > 1 || !view ? (
        <div className="overflow-auto px-3 pb-3">
          {selected.length === 1 && !view && (
            <p className="mt-2 text-faint">
              Hidden on this shape of canvas.{" "}
              <May>
                <button className="underline" onClick={actions.hide}>
                  Show it
                </button>
              </May>
            </p>
          )}
          {selected.length > 1 && (
            <May>
              <ManyCard scene={scene} layout={layout} selected={selected} group={actions.group} />
            </May>
          )}
        </div>
      ) : (
        <Tabs names={["Place", "Fit", "Text"]}>
          <May>
            <Following key={`place ${piece.id}`} piece={piece.id} card={Place} />
            <LayCard key={`lay ${piece.id}`} scene={scene} layout={layout} placed={placed} />
            <ManyCard scene={scene} layout={layout} selected={selected} group={actions.group} />
          </May>
          <May>
            <Following piece={piece.id} card={Fit} />
          </May>
          <>
            <div className="mb-1 flex items-center justify-between">
              <span className="text-faint">On every scene that it is on</span>
              <Link className="underline" to={`/themes/${id}/pieces/${piece.id}`}>
                Edit and export
              </Link>
            </div>
            <May>
              <PieceFields piece={piece} />
              <WordsCard key={`words ${piece.id}`} scene={scene} piece={piece} placed={placed} />
            </May>
          </>
        </Tabs>
      )}
    </section>
  );
}

function Lists({ theme, scene, layout, selected, select }: PanelProps) {
  const findings = useFindings();
  const own = (findings.data ?? layout.findings).filter(
    (finding) => finding.scene === scene.id && (finding.canvas === layout.canvas || finding.canvas === ""),
  );
  return (
    <section aria-label="Lists" className="flex min-h-0 flex-[2] flex-col">
      <Tabs names={["Stack", own.length === 0 ? "Findings" : `Findings ${String(own.length)}`, "Areas", "History"]}>
        <Stack scene={scene} layout={layout} selected={selected} select={select} />
        <FindingList findings={own} asked={[findings]} brief />
        <May>
          <AreaList theme={theme} scene={scene} layout={layout} />
        </May>
        <History />
      </Tabs>
    </section>
  );
}

function Tabs({ names, children }: { names: string[]; children: ReactNode[] }) {
  return (
    <TabGroup className="flex min-h-0 flex-1 flex-col">
      <TabList className="flex gap-3 border-b border-rule px-3 pt-1.5">
        {names.map((name) => (
          <Tab
            key={name.split(" ")[0]}
            className="-mb-px border-b-2 border-transparent px-0.5 pb-1 data-selected:border-kelp data-selected:font-bold"
          >
            {name}
          </Tab>
        ))}
      </TabList>
      <TabPanels className="min-h-0 flex-1 overflow-auto p-3">
        {children.map((child, i) => (
          <TabPanel key={i}>{child}</TabPanel>
        ))}
      </TabPanels>
    </TabGroup>
  );
}

function IconButton({
  label,
  on,
  press,
  children,
}: {
  label: string;
  /** Only for what can be on or off. */
  on?: boolean;
  press: () => void;
  children: ReactNode;
}) {
  return (
    <button
      className={`btn px-1.5 ${on ? "border-kelp bg-kelp-soft" : ""}`}
      aria-label={label}
      aria-pressed={on}
      title={label}
      onClick={press}
    >
      {children}
    </button>
  );
}

interface OthersProps {
  scene: Scene;
  current: Canvas;
  canvases: Canvas[];
  layouts: Layout[];
  open: (canvas: string) => void;
  people: string[];
}

/** The other canvases, live, and who else is here. */
function Others({ scene, current, canvases, layouts, open, people }: OthersProps) {
  const id = useThemeId();
  const others = canvases.filter((c) => c.id !== current.id);
  if (others.length === 0 && people.length === 0) return null;
  return (
    <div className="flex h-36 shrink-0 items-end gap-4 overflow-x-auto border-t border-rule px-3 py-2">
      {others.map((canvas) => {
        const layout = layouts.find((l) => l.scene === scene.id && l.canvas === canvas.id);
        const found = wrong(layout?.findings ?? []).length;
        return (
          <button
            key={canvas.id}
            className="shrink-0 text-left"
            onClick={() => open(canvas.id)}
            aria-label={`Open ${canvas.name}`}
          >
            <div className="weave relative" style={{ width: (98 * canvas.size.width) / canvas.size.height }}>
              {layout && <Hatch layout={layout} />}
              <ScenePicture
                theme={id}
                scene={scene.id}
                canvas={canvas.id}
                width={canvas.size.width}
                height={canvas.size.height}
              />
            </div>
            <span className={found > 0 ? "text-ochre" : "text-faint"}>
              {canvas.name}
              {found > 0 ? `, ${String(found)} found` : ""}
            </span>
          </button>
        );
      })}
      {people.length > 0 && (
        <p className="ml-auto self-start text-faint" role="status">
          Also here: {[...new Set(people)].join(", ")}
        </p>
      )}
    </div>
  );
}
