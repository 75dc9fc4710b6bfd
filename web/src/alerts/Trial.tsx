import { Play, Send } from "lucide-react";
import { useState, type ReactNode } from "react";
import { answer, api } from "../api/client";
import { NumberField } from "../app/NumberField";
import { Trouble } from "../app/Trouble";
import { useDeed } from "../app/useDeed";
import { Footage } from "../footage/Footage";
import { PieceStage } from "../piece/PieceStage";
import { useHear } from "../sound/useHear";
import { useMay } from "../theme/May";
import { useCatalogue, useTheme } from "../theme/useTheme";
import { digits, type Rule } from "./sentence";
import { useCurrencies } from "./useCurrencies";
import { LONG, SHORT, triedSignal, useTrial, useTrying, WORDLESS } from "./useTrial";

/** The chosen rule with values that somebody chooses: as viewers see it, here or on the outlets. */
export function Trial({ rule }: { rule: Rule }) {
  const { theme, channel } = useTheme();
  const { values, count, canvas, set } = useTrying();
  const trial = useTrial(rule);
  const [playing, setPlaying] = useState(false);
  const may = useMay("OPERATOR");
  const { hear } = useHear();
  const send = useDeed(
    () =>
      answer(
        api.POST("/api/channels/{channel}/practice/signal", {
          params: { path: { channel } },
          body: triedSignal(rule.kind, values),
        }),
      ),
    () => "Sent as practice: it is shown where the leading theme is on air, and does not count.",
    [["alerts"], ["record"], ["deliveries"]],
  );
  const preview = trial.data?.preview;
  const play = () => {
    setPlaying(true);
    void trial.refetch();
    const heard = trial.data?.heard;
    if (heard) hear(heard.address, heard.gain, (trial.data?.seconds ?? 5) * 1000);
    window.setTimeout(() => setPlaying(false), (trial.data?.seconds ?? 5) * 1000 + 700);
  };
  const other = theme.alerts.find((one) => one.id === trial.data?.by);
  return (
    <section aria-label="Try it">
      <div className="flex items-center gap-2">
        <h2>Try it</h2>
        <span className="text-faint">{trial.data?.seconds ? `${String(trial.data.seconds)} s on screen` : ""}</span>
        <span className="ml-auto flex gap-2">
          <button className="btn" disabled={!preview || playing} onClick={play}>
            <Play size={13} aria-hidden="true" />
            Play it here
          </button>
          {may && (
            <button className="btn" disabled={send.isPending} onClick={() => send.mutate(undefined)}>
              <Send size={13} aria-hidden="true" />
              Send it to the outlets
            </button>
          )}
        </span>
      </div>
      <div className="relative my-2 h-44 overflow-hidden bg-surround">
        <Footage name="dusk" />
        {preview && <PieceStage key={String(playing)} preview={preview} moving={playing} />}
        {trial.isPending && <span className="absolute inset-0 m-auto size-fit bg-sheet px-1.5">Drawing …</span>}
      </div>
      <Trouble query={trial} />
      <p className="min-h-5" aria-live="polite">
        {trial.data?.refused ? (
          <span className="text-ochre">{trial.data.refused}</span>
        ) : trial.data && Object.keys(trial.data.mistakes).length > 0 ? (
          <span className="text-ochre">Its words have a mistake, which stands beside them.</span>
        ) : trial.data && !trial.data.matches ? (
          <span className="text-ochre">
            This rule is not for such a signal;{" "}
            {other ? `rule ${String(theme.alerts.indexOf(other) + 1)} would announce it.` : "none would announce it."}
          </span>
        ) : other && other.id !== rule.id ? (
          <span className="text-ochre">
            Rule {theme.alerts.indexOf(other) + 1} comes before this one and would announce it.
          </span>
        ) : null}
      </p>
      <div className="mb-2 flex flex-wrap gap-2">
        <button className="btn" onClick={() => set({ values: SHORT, count: 1 })}>
          Usual
        </button>
        <button className="btn" onClick={() => set({ values: LONG, count: 1 })}>
          As long as it gets
        </button>
        <button className="btn" onClick={() => set({ values: SHORT, count: 14 })}>
          14 at once
        </button>
        {theme.canvases.length > 1 && (
          <select
            className="field ml-auto"
            aria-label="Canvas to look at"
            value={canvas}
            onChange={(event) => set({ canvas: event.target.value })}
          >
            {theme.canvases.map((one, i) => (
              <option key={one.id} value={i === 0 ? "" : one.id}>
                {one.name}
              </option>
            ))}
          </select>
        )}
      </div>
      <Values rule={rule} count={count} />
    </section>
  );
}

function Values({ rule, count }: { rule: Rule; count: number }) {
  const { values, set } = useTrying();
  const change = (part: Partial<typeof values>) => set({ values: { ...values, ...part } });
  const kind = useCatalogue().data?.signalKinds.find((one) => one.id === rule.kind);
  const currencies = useCurrencies(rule.kind);
  const money = kind?.amount === "MONEY";
  const unit = money ? 10 ** digits(values.currency) : 1;
  const done = () => Promise.resolve(true);
  return (
    <div className="grid grid-cols-[auto_minmax(0,1fr)_auto_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5">
      <Text title="Name" value={values.name} most={80} set={(name) => change({ name })} />
      <span className="text-faint">At once</span>
      <NumberField
        label="How many at once"
        value={count}
        set={(next) => {
          set({ count: Math.min(10_000, Math.max(1, Math.round(next))) });
          return done();
        }}
      />
      {kind && kind.amount !== "NONE" && (
        <>
          <span className="text-faint">Amount</span>
          <span className="flex gap-1.5">
            <NumberField
              label="Amount"
              value={values.amount / unit}
              set={(amount) => {
                change({ amount: Math.max(0, Math.round(amount * unit)) });
                return done();
              }}
            />
            {money && (
              <select
                className="field"
                aria-label="Currency to try"
                value={values.currency}
                onChange={(event) => change({ currency: event.target.value })}
              >
                {currencies.map((currency) => (
                  <option key={currency}>{currency}</option>
                ))}
              </select>
            )}
          </span>
        </>
      )}
      {["SUBSCRIPTION", "RENEWAL"].includes(rule.kind) && (
        <>
          <span className="text-faint">Months</span>
          <NumberField
            label="Months"
            value={values.months}
            set={(months) => {
              change({ months: Math.max(0, Math.round(months)) });
              return done();
            }}
          />
          <Text title="Level" value={values.level} most={80} set={(level) => change({ level })} />
        </>
      )}
      {rule.kind === "GIFTED_SUBSCRIPTIONS" && (
        <Text title="Given to" value={values.giftedTo} most={80} set={(giftedTo) => change({ giftedTo })} />
      )}
      {!WORDLESS.includes(rule.kind) && (
        <Text title="Message" value={values.message} most={500} wide set={(message) => change({ message })} />
      )}
    </div>
  );
}

function Text(props: {
  title: string;
  value: string;
  most: number;
  wide?: boolean;
  set: (text: string) => void;
}): ReactNode {
  return (
    <>
      <span className={`text-faint ${props.wide ? "col-start-1" : ""}`}>{props.title}</span>
      <input
        className={`field min-w-0 ${props.wide ? "col-span-3" : ""}`}
        aria-label={`${props.title} to try`}
        maxLength={props.most}
        value={props.value}
        onChange={(event) => props.set(event.target.value)}
      />
    </>
  );
}
