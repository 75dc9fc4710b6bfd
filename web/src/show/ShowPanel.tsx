import { timeOfDay } from "../app/dates";
import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";
import { Link } from "react-router";
import { ChevronRight, Redo2, Undo2 } from "lucide-react";
import { Trouble } from "../app/Trouble";
import { useMay } from "../theme/May";
import { useTheme } from "../theme/useTheme";
import { ControlRow } from "./ControlRow";
import { useCueRecord, useCues, useFeeding, useShow, type Control, type Show } from "./useShow";

/** Everything that the show says now, and what can be done about it at one press. */
export function ShowPanel() {
  const theme = useTheme();
  const mayCue = useMay("OPERATOR");
  const mayEdit = useMay();
  const show = useShow(theme.show);
  const cues = useCues(theme.show);
  if (show.isPending) return <p className="text-faint">Loading the show …</p>;
  if (!show.data) return <Trouble query={show} />;
  const view = show.data;

  const [main, others] = apart(view.controls);
  const row = (control: Control) => (
    <ControlRow
      key={control.piece}
      control={control}
      cue={cues.cue}
      mayCue={mayCue}
      takeOver={mayEdit ? () => cues.takeOver({ theme: theme.id, piece: control.piece }) : undefined}
    />
  );
  return (
    <section aria-label="The show">
      <div className="flex items-center gap-2">
        <h2>What the show says now</h2>
        {mayCue && (
          <span className="ml-auto flex gap-1.5">
            <button className="btn" disabled={!view.canUndo} onClick={() => cues.undo()}>
              <Undo2 size={13} />
              Take back
            </button>
            <button className="btn" disabled={!view.canRedo} onClick={() => cues.redo()}>
              <Redo2 size={13} />
              Again
            </button>
          </span>
        )}
      </div>
      <p className="mb-1 text-faint">
        Seen at once on every scene and canvas of {view.name}; nothing here is put on air.
      </p>
      {view.controls.length === 0 && (
        <div className="border border-dashed border-rule p-4 text-faint">
          <p className="mb-2">This theme has no pieces yet. With scenes, what their pieces say can be changed here.</p>
          <Link className="btn" to={`/themes/${theme.id}/sheet`}>
            Add a scene
          </Link>
        </div>
      )}
      {main.length > 0 && <ul className="ruled">{main.map(row)}</ul>}
      {others.length > 0 && (
        <Disclosure as="div" className="mt-1 border-t border-rule pt-1" defaultOpen={main.length === 0}>
          <DisclosureButton className="group flex items-center gap-1 font-bold">
            <ChevronRight size={14} className="group-data-open:rotate-90" />
            Words and sight of {others.length} other {others.length === 1 ? "piece" : "pieces"}
          </DisclosureButton>
          <DisclosurePanel as="ul" className="ruled">
            {others.map(row)}
          </DisclosurePanel>
        </Disclosure>
      )}
      <Fed show={view.id} mayChange={mayEdit} />
      <Leading view={view} choose={mayCue ? cues.lead : undefined} />
      <Record show={view.id} />
    </section>
  );
}

/** What somebody presses during a show first, then all that can only be written over or hidden. */
function apart(controls: Control[]): [Control[], Control[]] {
  const busy = (c: Control) =>
    c.dial !== null || c.deck !== null || c.tallies.some((tally) => !tally.live) || c.orders.length > 0;
  return [controls.filter(busy), controls.filter((c) => !busy(c))];
}

/** Which theme's alert rules hold; only a question where there are several. */
function Leading({ view, choose }: { view: Show; choose: ((theme: string) => void) | undefined }) {
  if (view.themes.length < 2) return null;
  const leading = view.themes.find((theme) => theme.leads);
  return (
    <label className="mt-3 flex items-center gap-2">
      <span>Leading theme</span>
      <select
        className="field"
        value={leading?.id ?? ""}
        disabled={!choose}
        onChange={(event) => choose?.(event.target.value)}
      >
        {view.themes.map((theme) => (
          <option key={theme.id} value={theme.id}>
            {theme.name}
            {theme.onAir > 0 ? " (on air)" : ""}
          </option>
        ))}
      </select>
      <span className="text-faint">Its alert rules say what is announced, and for how long.</span>
    </label>
  );
}

/** Which channels feed the show; whoever streams to two platforms at once lets both do so. */
function Fed({ show, mayChange }: { show: string; mayChange: boolean }) {
  const { channels, feed } = useFeeding(show);
  const feeding = channels.filter((channel) => channel.show === show);
  const others = channels.filter((channel) => channel.show !== show);
  if (feeding.length + others.length < 2) return null;
  return (
    <div className="mt-3">
      <span>Fed by </span>
      {feeding.map((channel) => (
        <span key={channel.id} className="mr-2">
          <b>{channel.name}</b> on {channel.platform}
          {feeding.length > 1 && mayChange && (
            <button className="ml-1 underline" onClick={() => feed({ channel: channel.id, show: null })}>
              on its own again
            </button>
          )}
        </span>
      ))}
      {mayChange && others.length > 0 && (
        <select
          className="field"
          aria-label="Let another channel feed this show too"
          value=""
          onChange={(event) => feed({ channel: event.target.value, show })}
        >
          <option value="">Let another channel feed it too …</option>
          {others.map((channel) => (
            <option key={channel.id} value={channel.id}>
              {channel.name} on {channel.platform}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}

function Record({ show }: { show: string }) {
  const cues = useCueRecord(show);
  return (
    <>
      <h3 className="mt-3">What was done</h3>
      {cues.data?.length === 0 && <p className="text-faint">Nothing yet. Every press is kept here, with who did it.</p>}
      {cues.error && <Trouble query={cues} />}
      <ul
        className="ruled max-h-36 overflow-auto"
        aria-label="What was done"
        tabIndex={cues.data?.length ? 0 : undefined}
      >
        {cues.data?.map((line) => (
          <li key={line.number} className="flex gap-3 py-0.5">
            <span className="text-faint">{timeOfDay(line.at)}</span>
            <span className={`min-w-0 flex-1 ${line.undone ? "text-faint line-through" : ""}`}>{line.sentence}</span>
            <span className="text-faint">{line.who}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
