import { Moon, Redo2, Sun, Undo2 } from "lucide-react";
import { memo, useState } from "react";
import { Link, NavLink, Outlet, useParams } from "react-router";
import { Problem, type ThemeView } from "../api/client";
import { useInside } from "../app/useWorkspace";
import { Mark } from "../app/Mark";
import { isNight, setNight } from "../app/night";
import { FrameKeys } from "./FrameKeys";
import { includes } from "../app/roles";
import { SinceLastTime } from "./Comeback";
import { LooksOn } from "./LooksOn";
import { steps } from "./screens";
import { useOthersChanges, useThemeQuery, useUndo } from "./useTheme";
import { Trouble } from "../app/Trouble";
import { usePutOnAir } from "./usePutOnAir";
import { useVisiting } from "./useVisit";

/** The notebook's margin (the order of the work) and the head line, around every page of a theme. */
export function ThemeFrame() {
  const theme = useThemeQuery();
  useOthersChanges();
  useVisiting();
  // A link leads into the theme's own workspace, whichever one this tab was in.
  const inside = useInside(theme.data?.workspace);
  if (theme.isPending) return <p className="p-6 text-faint">Opening the theme …</p>;
  const barred = theme.error instanceof Problem && [403, 404].includes(theme.error.status);
  if (!theme.data || barred) {
    return (
      <main className="p-6">
        <h1 className="mb-2">This theme cannot be opened</h1>
        <Trouble query={theme} className="mb-4" />
        <Link className="btn" to="/">
          Back to the shelf
        </Link>
      </main>
    );
  }
  if (!inside) return null;
  return (
    <div className="grid h-full grid-cols-[132px_minmax(0,1fr)] grid-rows-[44px_minmax(0,1fr)]">
      <HeadLine theme={theme.data} />
      <Steps theme={theme.data} />
      <main className="min-w-0 overflow-auto">
        <LooksOn role={theme.data.role} />
        <SinceLastTime />
        <Trouble query={theme} className="px-4 pt-2" />
        <Outlet />
      </main>
    </div>
  );
}

function HeadLine({ theme }: { theme: ThemeView }) {
  const { undo, redo } = useUndo();
  const [night, setNightState] = useState(isNight());
  const turn = () => {
    setNight(!night);
    setNightState(!night);
  };
  return (
    <header className="col-span-2 flex items-center gap-3 border-b border-rule bg-sheet px-3">
      <ToShelf />
      <h1 className="truncate">{theme.theme.name}</h1>
      <span className="text-faint">
        {theme.platform} · {theme.channelName}
      </span>
      <span className="ml-auto text-faint" role="status">
        {standing(theme)}
      </span>
      <span className="text-faint" title="Find anything with Ctrl K; ? lists the shortcuts">
        <kbd>Ctrl K</kbd> · <kbd>?</kbd>
      </span>
      {includes(theme.role, "DESIGNER") && (
        <>
          <button
            className="btn"
            onClick={() => undo()}
            disabled={!theme.canUndo}
            aria-label="Undo"
            title="Undo (Ctrl+Z)"
          >
            <Undo2 size={15} />
          </button>
          <button
            className="btn"
            onClick={() => redo()}
            disabled={!theme.canRedo}
            aria-label="Redo"
            title="Redo (Ctrl+Shift+Z)"
          >
            <Redo2 size={15} />
          </button>
        </>
      )}
      <button className="btn" onClick={turn} aria-label={night ? "Day colours" : "Night colours"}>
        {night ? <Sun size={15} /> : <Moon size={15} />}
      </button>
      <OnAir theme={theme} />
      <FrameKeys theme={theme} undo={undo} redo={redo} />
    </header>
  );
}

const ToShelf = memo(function ToShelf() {
  return (
    <Link to="/" className="flex items-center gap-2" aria-label="Shelf">
      <Mark size={20} />
    </Link>
  );
});

/** What is kept and what viewers see, in one line. */
function standing(theme: ThemeView): string {
  if (theme.onAir === 0) return "Draft saved; viewers see nothing of it yet";
  return theme.differs ? "Draft saved; viewers see the last one put on air" : "Viewers see this";
}

function OnAir({ theme }: { theme: ThemeView }) {
  const air = usePutOnAir(theme);
  return (
    <>
      {theme.onAir > 0 && (
        <span className="flex items-center gap-1.5 font-bold text-live">
          <span className="size-2 rounded-full bg-live" />
          On air: {theme.onAir}
        </span>
      )}
      {air.may && (
        <button
          className={`btn ${air.news ? "btn-live" : ""}`}
          onClick={air.put}
          disabled={air.busy || !air.news}
          title={air.hindrance}
        >
          Put on air
        </button>
      )}
    </>
  );
}

function Steps({ theme }: { theme: ThemeView }) {
  const params = useParams();
  return (
    <nav aria-label="Steps" className="border-r-4 border-double border-rule bg-sheet py-2">
      <ol>
        {steps(theme, params["scene"], params["canvas"]).map(({ to, path, name, question }, i) => (
          <OneStep
            key={name}
            to={to ? `/themes/${theme.id}/${to}` : ""}
            name={`${String(i + 1)}. ${name}`}
            question={question}
            here={path.startsWith("stage/") && params["scene"] !== undefined}
          />
        ))}
      </ol>
    </nav>
  );
}

/** @param here whether it is open, whatever the address says; where it leads goes on to what is looked at */
const OneStep = memo(function OneStep(props: { to: string; name: string; question: string; here: boolean }) {
  const { to, name, question, here } = props;
  return (
    <li>
      {to ? (
        <NavLink
          to={to}
          className={({ isActive }) =>
            `block border-l-4 py-1.5 pl-2.5 pr-1 ${isActive || here ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-paper"}`
          }
        >
          <span className="font-head font-bold">{name}</span>
          <span className="block text-[11.5px] leading-tight text-faint">{question}</span>
        </NavLink>
      ) : (
        <span className="block py-1.5 pl-3.5 text-faint">{name}</span>
      )}
    </li>
  );
});
