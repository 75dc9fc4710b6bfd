import { useQuery } from "@tanstack/react-query";
import { KeyRound, Save, Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useSettled } from "../app/useSettled";
import { May, useMay } from "../theme/May";
import { useCatalogue } from "../theme/useTheme";
import { Copied } from "../app/Copied";
import { leaves, valueAt, type Leaf } from "./json";
import { SignatureFields } from "./SignatureFields";
import { useChannelDeed, useDeliveries } from "./useInlet";
import type { Mapped } from "./MappedInlets";

type Mapping = Schemas["Mapping"];

const SETTLES = 250;

/** The fields of a signal, in the order in which they are asked for. */
const FIELDS: readonly (readonly [name: string, title: string])[] = [
  ["name", "Name"],
  ["amount", "Amount"],
  ["currency", "Currency"],
  ["message", "Message"],
  ["months", "Months"],
  ["level", "Level"],
  ["giftedTo", "Given to"],
  ["anonymous", "Unnamed"],
  ["first", "First time"],
];

/** What its bodies mean: a sample is pasted, and its parts are pointed at. */
export function MappedCard({ channel, inlet, gone }: { channel: string; inlet: Mapped; gone: () => void }) {
  const [wish, setWish] = useState({
    name: inlet.name,
    sample: inlet.sample,
    mapping: inlet.mapping,
    signature: inlet.signature,
    secret: "",
  });
  // What the next press on the sample is for: a field, or one of those around it.
  const [wanted, setWanted] = useState("name");
  const { sample, mapping } = wish;
  const found = leaves(sample);
  const trial = useTrial(channel, sample, mapping);
  const may = useMay();
  const path = { channel, inlet: inlet.id };
  const save = useChannelDeed(
    () => answer(api.PUT("/api/channels/{channel}/mapped/{inlet}", { params: { path }, body: wish })),
    (kept) => {
      setWish({ ...wish, secret: "" });
      return `${kept.name} is kept. What comes to its address is taken in so.`;
    },
  );
  const remove = useChannelDeed(
    () => answer(api.DELETE("/api/channels/{channel}/mapped/{inlet}", { params: { path } })),
    () => {
      gone();
      return `${inlet.name} is deleted; its address takes nothing any more.`;
    },
  );
  const renew = useChannelDeed(
    () => answer(api.POST("/api/channels/{channel}/mapped/{inlet}/renew", { params: { path } })),
    () => "It has another address and another secret; those before hold no longer.",
  );
  const map = (change: Partial<Mapping>) => setWish({ ...wish, mapping: { ...mapping, ...change } });
  const point = (pointer: string) => {
    if (wanted === "kind" || wanted === "id" || wanted === "time") {
      const value = valueAt(found, pointer);
      map(
        wanted === "kind" && value !== undefined
          ? { kind: pointer, kinds: { ...mapping.kinds, [plain(value)]: mapping.always } }
          : { [wanted]: pointer },
      );
    } else map({ fields: { ...mapping.fields, [wanted]: pointer } });
    const next = FIELDS.findIndex(([name]) => name === wanted);
    if (next >= 0 && next < 3) setWanted(FIELDS[next + 1]?.[0] ?? wanted);
  };
  const row = (name: string, title: string, pointer: string, set: (pointer: string) => void) => (
    <label
      key={name}
      className={`flex items-center gap-2 border-l-4 pl-2 ${wanted === name ? "border-kelp bg-kelp-soft" : "border-transparent"}`}
      onFocus={() => setWanted(name)}
    >
      <span className="w-24 shrink-0">{title}</span>
      <input
        className="field w-36 font-mono"
        aria-label={`Pointer of ${title}`}
        placeholder="not in it"
        maxLength={400}
        value={pointer}
        onChange={(event) => set(event.target.value)}
      />
      <span className="min-w-0 truncate text-faint">
        {pointer === "" ? "" : (valueAt(found, pointer) ?? "not in the sample")}
      </span>
    </label>
  );
  const changed = JSON.stringify(wish) !== JSON.stringify({ ...inlet, ...pick(inlet), secret: "" });
  return (
    <div className="mt-2 mb-3">
      {inlet.address !== "" && <Copied label="Address to send to" text={inlet.address} />}
      <May>
        <div className="mt-2 grid grid-cols-2 gap-4">
          <div className="min-w-0">
            <Sample channel={channel} sample={sample} set={(text) => setWish({ ...wish, sample: text })} />
            <Tree found={found} pick={point} mapping={mapping} />
          </div>
          <div className="flex min-w-0 flex-col gap-1">
            <p className="text-faint">Choose a line, then press its value on the left.</p>
            <Kinds mapping={mapping} map={map} row={row} />
            {FIELDS.map(([name, title]) =>
              row(name, title, mapping.fields[name] ?? "", (pointer) =>
                map({ fields: put(mapping.fields, name, pointer) }),
              ),
            )}
            {mapping.fields["currency"] === undefined && (
              <label className="flex items-center gap-2 pl-3">
                <span className="w-24 shrink-0">or always</span>
                <input
                  className="field w-20"
                  aria-label="Currency of every body"
                  placeholder="EUR"
                  maxLength={3}
                  value={mapping.fixed["currency"] ?? ""}
                  onChange={(event) => map({ fixed: put(mapping.fixed, "currency", event.target.value.toUpperCase()) })}
                />
              </label>
            )}
            <label className="flex items-center gap-2 pl-3">
              <input
                type="checkbox"
                className="accent-kelp"
                checked={mapping.mainUnit}
                onChange={(event) => map({ mainUnit: event.target.checked })}
              />
              Amounts of money come as 12.50, not as 1250
            </label>
            {row("id", "Its own id", mapping.id, (id) => map({ id }))}
            {row("time", "When", mapping.time, (time) => map({ time }))}
            <SignatureFields
              channel={channel}
              inlet={inlet}
              signature={wish.signature}
              set={(signature) => setWish({ ...wish, signature })}
              secret={wish.secret}
              type={(secret) => setWish({ ...wish, secret })}
            />
          </div>
        </div>
      </May>
      <p className="mt-2 min-h-5 border-t border-rule pt-2" aria-live="polite">
        {sample === "" ? (
          <span className="text-faint">Paste a body to see what it would become.</span>
        ) : trial.data?.mistake ? (
          <span className="text-ochre">{trial.data.mistake}</span>
        ) : trial.data ? (
          <>
            Would be taken in as <b>{trial.data.told}</b>
            {trial.data.money !== ""
              ? `, ${trial.data.money}`
              : trial.data.amount > 0
                ? `, ${String(trial.data.amount)}`
                : ""}
            {trial.data.message !== "" && <span className="text-faint"> “{trial.data.message}”</span>}
          </>
        ) : null}
      </p>
      {may && (
        <div className="mt-1 flex flex-wrap gap-2">
          <button className="btn btn-main" disabled={!changed || save.isPending} onClick={() => save.mutate(undefined)}>
            <Save size={14} aria-hidden="true" />
            Keep it
          </button>
          <button
            className="btn"
            onClick={() => {
              if (confirm(`Issue another address for ${inlet.name}? What is sent to the one before is lost.`))
                renew.mutate(undefined);
            }}
          >
            <KeyRound size={14} aria-hidden="true" />
            Issue another address
          </button>
          <button
            className="btn ml-auto"
            onClick={() => {
              if (confirm(`Delete the mapped inlet ${inlet.name}?`)) remove.mutate(undefined);
            }}
          >
            <Trash2 size={14} aria-hidden="true" />
            Delete
          </button>
        </div>
      )}
    </div>
  );
}

function pick({ name, sample, mapping, signature }: Mapped) {
  return { name, sample, mapping, signature };
}

/** The value of a JSON text as it is compared. */
function plain(value: string): string {
  const read: unknown = JSON.parse(value);
  return typeof read === "string" ? read : value;
}

/** A name's value set anew; an empty one is taken out. */
function put(all: Record<string, string>, name: string, value: string): Record<string, string> {
  return Object.fromEntries(
    [...Object.entries(all).filter(([one]) => one !== name), [name, value]].filter(([, v]) => v !== ""),
  );
}

function useTrial(channel: string, sample: string, mapping: Mapping) {
  const wish = useSettled(JSON.stringify({ sample, mapping }), SETTLES);
  return useQuery({
    queryKey: ["mapped trial", channel, wish],
    queryFn: () =>
      answer(
        api.POST("/api/channels/{channel}/mapped/trial", {
          params: { path: { channel } },
          body: JSON.parse(wish) as Schemas["MappedTrial"],
        }),
      ),
    enabled: sample !== "",
    placeholderData: (before) => before,
  });
}

function Sample({ channel, sample, set }: { channel: string; sample: string; set: (text: string) => void }) {
  const last = useDeliveries(channel).data?.find((one) => !one.cut && one.body !== "");
  return (
    <>
      <div className="flex items-baseline gap-2">
        <span className="text-faint">A body, as it is sent</span>
        {last && last.body !== sample && (
          <button className="ml-auto underline" onClick={() => set(last.body)}>
            Take the last one that came
          </button>
        )}
      </div>
      <textarea
        className="field h-28 w-full font-mono"
        aria-label="A body, as it is sent"
        spellCheck={false}
        placeholder='{"donor": "Ilse Fenn", "sum": "12.50", "currency": "EUR"}'
        maxLength={20_000}
        value={sample}
        onChange={(event) => set(event.target.value)}
      />
    </>
  );
}

/** The sample, part by part; a press on a value points at it. */
function Tree({
  found,
  pick,
  mapping,
}: {
  found: Leaf[] | undefined;
  pick: (pointer: string) => void;
  mapping: Mapping;
}) {
  if (!found) return <p className="text-faint">This is no JSON yet.</p>;
  const used = new Set([...Object.values(mapping.fields), mapping.kind, mapping.id, mapping.time]);
  return (
    <ul
      className="mt-1 max-h-72 overflow-auto border border-rule bg-sheet py-1 font-mono"
      aria-label="Values of the sample"
    >
      {found.map((leaf) => (
        <li key={leaf.pointer} style={{ paddingLeft: `${String(8 + leaf.depth * 14)}px` }}>
          {leaf.holds ? (
            <span className="text-faint">{leaf.key}</span>
          ) : (
            <button
              className={`max-w-full truncate text-left hover:bg-kelp-soft ${used.has(leaf.pointer) ? "text-kelp" : ""}`}
              title={leaf.pointer}
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => pick(leaf.pointer)}
            >
              <span className="text-faint">{leaf.key}: </span>
              {leaf.value}
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Which kind a body is: always the same, or by a value in it. */
function Kinds(props: {
  mapping: Mapping;
  map: (change: Partial<Mapping>) => void;
  row: (name: string, title: string, pointer: string, set: (pointer: string) => void) => React.ReactNode;
}) {
  const { mapping, map, row } = props;
  const kinds = useCatalogue().data?.signalKinds ?? [];
  const options = kinds.map((kind) => (
    <option key={kind.id} value={kind.id}>
      {kind.title}
    </option>
  ));
  return (
    <>
      {mapping.kind === "" && (
        <label className="flex items-center gap-2 pl-3">
          <span className="w-24 shrink-0">Every body is</span>
          <select
            className="field"
            value={mapping.always}
            onChange={(event) => map({ always: event.target.value as Mapping["always"] })}
          >
            {options}
          </select>
        </label>
      )}
      {row("kind", mapping.kind === "" ? "or its kind at" : "Its kind at", mapping.kind, (kind) => map({ kind }))}
      {mapping.kind !== "" &&
        Object.entries(mapping.kinds).map(([value, kind]) => (
          <div key={value} className="flex items-center gap-2 pl-3">
            <span className="w-24 shrink-0 truncate font-mono" title={value}>
              {value}
            </span>
            <select
              className="field"
              aria-label={`What ${value} means`}
              value={kind}
              onChange={(event) =>
                map({ kinds: { ...mapping.kinds, [value]: event.target.value as Mapping["always"] } })
              }
            >
              {options}
            </select>
            <button
              className="flex size-6 items-center justify-center text-faint hover:text-ink"
              aria-label={`Forget ${value}`}
              onClick={() =>
                map({ kinds: Object.fromEntries(Object.entries(mapping.kinds).filter(([v]) => v !== value)) })
              }
            >
              <Trash2 size={13} />
            </button>
          </div>
        ))}
    </>
  );
}
