import { Copy, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { NumberField } from "../app/NumberField";
import { useDraftText } from "../app/useDraftText";
import { Tick } from "../app/Tick";
import { MessageField } from "../content/MessageField";
import { useLatest } from "../content/useLatest";
import { May } from "../theme/May";
import { newId, useCatalogue, useEdit, useTheme } from "../theme/useTheme";
import { useCurrencies } from "./useCurrencies";
import { digits, type Rule } from "./sentence";
import { Hear } from "./Hear";
import { useSounds } from "./useSounds";
import { useTrial } from "./useTrial";

/** Part of what a rule is for, or what follows from what it was for before. */
type Change = Partial<Rule["when"]> | ((before: Rule["when"]) => Partial<Rule["when"]>);

/** Everything that a rule says, field by field. Words are tried while they are typed. */
export function RuleFields(props: {
  rule: Rule;
  draft: Partial<Rule>;
  type: (draft: Partial<Rule>) => void;
  choose: (rule: string) => void;
}) {
  const { draft, type, choose } = props;
  const { theme } = useTheme();
  const edit = useEdit();
  const [rule, put] = useLatest(props.rule, (next) => edit({ edit: "setAlert", rule: next }));
  const catalogue = useCatalogue().data;
  const kind = catalogue?.signalKinds.find((one) => one.id === rule.kind);
  const trial = useTrial({ ...rule, ...draft });
  const sounds = useSounds().data;
  const set = (change: Partial<Rule>) => put((before) => ({ ...before, ...change }));
  const setWhen = (change: Change) =>
    put((before) => ({
      ...before,
      when: { ...before.when, ...(typeof change === "function" ? change(before.when) : change) },
    }));
  const words = (field: "kicker" | "text" | "several", title: string) => (
    <MessageField
      title={title}
      value={rule[field]}
      values={catalogue?.alertValues}
      set={(text) => set({ [field]: text })}
      typing={(text) => type(text === null ? {} : { [field]: text })}
      checked={{
        mistake: trial.data?.mistakes[field] ?? "",
        shown: field === "several" ? "" : (trial.data?.[field] ?? ""),
      }}
    />
  );
  const copy = () => {
    const id = newId("alert");
    void edit({ edit: "addAlert", rule: { ...rule, id }, index: theme.alerts.indexOf(props.rule) }).then((taken) => {
      if (taken) choose(id);
    });
  };
  if (!kind) return null;
  return (
    <May>
      <div className="mt-1.5 mb-2 ml-14 flex flex-col gap-2 border-l-2 border-kelp pl-3">
        <Line title="For">
          {kind.amount !== "NONE" && <Amounts rule={rule} money={kind.amount === "MONEY"} set={setWhen} />}
          {["SUBSCRIPTION", "RENEWAL"].includes(rule.kind) && (
            <>
              <label className="flex items-center gap-1.5">
                months from
                <NumberField
                  label="Least months"
                  width={3}
                  value={rule.when.months}
                  set={(months) => setWhen({ months: Math.round(months) })}
                />
              </label>
              <Level level={rule.when.level} set={(level) => setWhen({ level })} />
            </>
          )}
          <Choice title="first time only" on={rule.when.first} set={(first) => setWhen({ first })} />
          <Choice title="unnamed only" on={rule.when.anonymous} set={(anonymous) => setWhen({ anonymous })} />
        </Line>
        {words("kicker", "Small line above")}
        {words("text", "Words for one")}
        {words("several", "Words for several at once")}
        <Line title="Shown">
          <label className="flex items-center gap-1.5">
            for
            <NumberField
              label="Seconds on screen"
              width={3}
              value={rule.seconds}
              set={(seconds) => set({ seconds })}
            />{" "}
            s
          </label>
          <select
            className="field"
            aria-label="Urgency"
            value={rule.urgency}
            onChange={(event) => void set({ urgency: event.target.value as Rule["urgency"] })}
          >
            {catalogue?.urgencies.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}
              </option>
            ))}
          </select>
          <select
            className="field max-w-40"
            aria-label="Picture"
            value={rule.picture}
            onChange={(event) => void set({ picture: event.target.value })}
          >
            <option value="">the family’s emblem</option>
            {theme.artworks.map((artwork) => (
              <option key={artwork.id} value={artwork.id}>
                {artwork.name}
              </option>
            ))}
          </select>
          {theme.canvases.length > 1 &&
            theme.canvases.map((canvas) => (
              <Choice
                key={canvas.id}
                title={`on ${canvas.name}`}
                on={rule.canvases.length === 0 || rule.canvases.includes(canvas.id)}
                set={(on) => {
                  const before = rule.canvases.length === 0 ? theme.canvases.map((one) => one.id) : rule.canvases;
                  const next = theme.canvases
                    .map((one) => one.id)
                    .filter((id) => (id === canvas.id ? on : before.includes(id)));
                  return next.length > 0 && set({ canvases: next.length === theme.canvases.length ? [] : next });
                }}
              />
            ))}
        </Line>
        <Line title="Heard">
          <select
            className="field max-w-44"
            aria-label="Sound"
            value={rule.sound.sound}
            onChange={(event) => void set({ sound: { ...rule.sound, sound: event.target.value } })}
          >
            <option value="">nothing</option>
            {!sounds && rule.sound.sound !== "" && <option value={rule.sound.sound}>…</option>}
            {sounds?.map((sound) => (
              <option key={sound.id} value={sound.id}>
                {sound.name}
              </option>
            ))}
          </select>
          {trial.data?.heard && <Hear name="it" address={trial.data.heard.address} gain={trial.data.heard.gain} />}
          {rule.sound.sound !== "" && (
            <label className="flex items-center gap-1.5">
              <NumberField
                label="Louder or softer than the others, in LU"
                width={3}
                value={rule.sound.level}
                set={(level) => set({ sound: { ...rule.sound, level } })}
              />
              {rule.sound.level > 0
                ? "LU louder than the others"
                : rule.sound.level < 0
                  ? "LU under the others"
                  : "LU: as loud as the others"}
            </label>
          )}
        </Line>
        <Line title="Moves">
          <Way title="comes" label="How it comes" value={rule.comes} set={(comes) => set({ comes })} />
          <Way title="goes" label="How it goes" value={rule.goes} set={(goes) => set({ goes })} />
        </Line>
        <div className="only-may flex gap-2">
          <button className="btn" onClick={copy}>
            <Copy size={13} aria-hidden="true" />
            Copy the rule
          </button>
          <button
            className="btn"
            onClick={() => void edit({ edit: "dropAlert", rule: rule.id }).then(() => choose(""))}
          >
            <Trash2 size={13} aria-hidden="true" />
            Delete it
          </button>
        </div>
      </div>
    </May>
  );
}

/** How an alert comes or goes; null as the family's things do. */
function Way(props: {
  title: string;
  label: string;
  value: Rule["comes"];
  set: (way: Rule["comes"]) => Promise<boolean>;
}) {
  const ways = useCatalogue().data?.entrances;
  return (
    <label className="flex items-center gap-1.5">
      {props.title}
      <select
        className="field"
        aria-label={props.label}
        value={props.value ?? ""}
        onChange={(event) => void props.set(ways?.find((way) => way.id === event.target.value)?.id ?? null)}
      >
        <option value="">as the family does</option>
        {ways?.map((way) => (
          <option key={way.id} value={way.id}>
            {way.title}
          </option>
        ))}
      </select>
    </label>
  );
}

function Line({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <span className="w-12 text-faint">{title}</span>
      {children}
    </div>
  );
}

function Choice({ title, on, set }: { title: string; on: boolean; set: (on: boolean) => unknown }) {
  return (
    <label className="flex items-center gap-1.5">
      <Tick stored={on} send={set} />
      {title}
    </label>
  );
}

function Level({ level, set }: { level: string; set: (level: string) => Promise<boolean> }) {
  const draft = useDraftText(level, (text) => set(text.trim()));
  return <input className="field w-24" aria-label="Level" placeholder="any level" maxLength={80} {...draft} />;
}

/** Money is written in its main unit and kept in its smallest. */
function Amounts(props: { rule: Rule; money: boolean; set: (change: Change) => Promise<boolean> }) {
  const { rule, money, set } = props;
  const { when } = rule;
  const currencies = useCurrencies(rule.kind);
  const unit = money ? 10 ** digits(when.currency) : 1;
  return (
    <>
      <label className="flex items-center gap-1.5">
        from
        <NumberField
          label="Least amount"
          width={5}
          value={when.from / unit}
          set={(from) => set({ from: Math.round(from * unit) })}
        />
      </label>
      <label className="flex items-center gap-1.5">
        to
        <NumberField
          label="Most amount, 0 for no end"
          width={5}
          value={when.to / unit}
          set={(to) => set({ to: Math.round(to * unit) })}
        />
      </label>
      {money && (
        <select
          className="field"
          aria-label="Currency"
          value={when.currency}
          onChange={(event) => {
            const currency = event.target.value;
            void set((before) => {
              const scale = 10 ** (digits(currency) - digits(before.currency));
              return {
                currency,
                from: Math.round(before.from * scale),
                to: Math.round(before.to * scale),
              };
            });
          }}
        >
          <option value="">any currency</option>
          {currencies.map((currency) => (
            <option key={currency} value={currency}>
              {currency}
            </option>
          ))}
        </select>
      )}
    </>
  );
}
