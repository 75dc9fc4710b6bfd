import { GripVertical, Plus } from "lucide-react";
import { useDragOrder } from "../app/useDragOrder";
import { Tick } from "../app/Tick";
import { May } from "../theme/May";
import { newId, useCatalogue, useEdit, useTheme } from "../theme/useTheme";
import { RuleFields } from "./RuleFields";
import { useSounds } from "./useSounds";
import { condition, hidden, manner, readable, unannounced, type Rule, type SignalKind } from "./sentence";

const NONE: SignalKind[] = [];

/** The theme's rules in their order, each a sentence; the chosen one opens below itself. */
export function RuleList(props: {
  chosen: string;
  choose: (rule: string) => void;
  draft: Partial<Rule>;
  type: (draft: Partial<Rule>) => void;
  /** Kinds that the channel's platform sends. */
  sent: SignalKind["id"][];
}) {
  const { chosen, choose, draft, type, sent } = props;
  const { theme, platform } = useTheme();
  const edit = useEdit();
  const catalogue = useCatalogue().data;
  const sounds = useSounds().data;
  const kinds = catalogue?.signalKinds ?? NONE;
  const order = useDragOrder(theme.alerts.length, (from, to) => {
    const rule = theme.alerts[from];
    if (rule) void edit({ edit: "moveAlert", rule: rule.id, index: to });
  });
  const add = (kind: SignalKind["id"]) => {
    const standard = catalogue?.standardAlerts.find((one) => one.kind === kind);
    if (!standard) return;
    const rule = { ...standard, id: newId("alert") };
    void edit({ edit: "addAlert", rule, index: theme.alerts.length }).then((taken) => {
      if (taken) choose(rule.id);
    });
  };
  const missing = unannounced(theme.alerts, sent);
  return (
    <>
      {theme.alerts.length === 0 && (
        <p className="mb-2 border border-dashed border-rule p-4 text-faint">
          Nothing is announced yet. Add a rule for a kind of signal below.
        </p>
      )}
      <ol aria-label="Rules">
        {theme.alerts.map((rule, i) => {
          const kind = kinds.find((one) => one.id === rule.kind);
          if (!kind) return null;
          const open = rule.id === chosen;
          const before = hidden(theme.alerts, rule);
          return (
            <li key={rule.id} className={`border-t py-1.5 ${order.classOf(i)}`} {...order.line(i)}>
              <div className="flex items-start gap-2">
                <May>
                  <button
                    className="flex size-6 cursor-grab items-center justify-center text-faint hover:text-ink"
                    aria-label={`Move rule ${String(i + 1)}`}
                    {...order.grip(i)}
                  >
                    <GripVertical size={14} />
                  </button>
                  <label className="flex size-6 items-center justify-center">
                    <Tick
                      aria-label={`Follow rule ${String(i + 1)}`}
                      stored={rule.on}
                      send={(on) => edit({ edit: "setAlert", rule: { ...rule, on } })}
                    />
                  </label>
                </May>
                <button
                  className={`min-w-0 flex-1 pt-0.5 text-left ${rule.on ? "" : "text-faint line-through"}`}
                  aria-expanded={open}
                  onClick={() => choose(rule.id)}
                >
                  <b>{condition(rule, kind)}</b> {kind.title.endsWith("s") ? "show" : "shows"} “{readable(rule.text)}”
                  for {manner(rule, theme.canvases, theme.artworks, sounds)}.
                </button>
                {!sent.includes(rule.kind) && sent.length > 0 && (
                  <span className="shrink-0 text-faint">{platform} lacks it</span>
                )}
              </div>
              {before && rule.on && (
                <p className="ml-14 text-ochre">
                  Rule {theme.alerts.indexOf(before) + 1} comes first and takes them all; move this one before it.
                </p>
              )}
              {open && <RuleFields key={rule.id} rule={rule} draft={draft} type={type} choose={choose} />}
            </li>
          );
        })}
      </ol>
      <May>
        <div className="only-may mt-2 flex flex-wrap items-center gap-2 border-t border-rule pt-2">
          {missing.length > 0 && <span className="text-ochre">Nothing is announced for:</span>}
          {missing.map((kind) => (
            <button key={kind} className="btn" onClick={() => add(kind)}>
              <Plus size={13} aria-hidden="true" />
              {kinds.find((one) => one.id === kind)?.title}
            </button>
          ))}
          <label className="ml-auto flex items-center gap-1.5">
            Add a rule for
            <select className="field" value="" onChange={(event) => add(event.target.value as SignalKind["id"])}>
              <option value="" disabled>
                a signal …
              </option>
              {kinds.map((kind) => (
                <option key={kind.id} value={kind.id}>
                  {kind.title}
                </option>
              ))}
            </select>
          </label>
        </div>
      </May>
    </>
  );
}
