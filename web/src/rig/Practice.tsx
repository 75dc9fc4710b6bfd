import { timeOfDay } from "../app/dates";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Send } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { useTheme } from "../theme/useTheme";
import { useChannels } from "../app/useChannels";
import { useSettled } from "../app/useSettled";
import { May } from "../theme/May";

/** One press sends a practice signal of each kind; below, what came and when it was shown. */
export function Practice() {
  const { channel, platform } = useTheme();
  const queries = useQueryClient();
  const channels = useChannels();
  const [kind, setKind] = useState<Schemas["Practice"]["kind"] | "">("");
  const [fate, setFate] = useState("");
  const [name, setName] = useState("");
  const typed = useSettled(name.trim(), 250);
  const wanted = {
    ...(kind === "" ? {} : { kind: [kind] }),
    ...(fate === "" ? {} : { fate: BECAME[fate] ?? [] }),
    ...(typed === "" ? {} : { name: typed }),
  };
  const record = useQuery({
    queryKey: ["record", channel, wanted],
    queryFn: () => answer(api.GET("/api/channels/{channel}/record", { params: { path: { channel }, query: wanted } })),
    placeholderData: (old) => old,
    refetchInterval: 1500,
  });
  const send = useMutation({
    mutationFn: (kind: Schemas["Practice"]["kind"]) =>
      answer(api.POST("/api/channels/{channel}/practice", { params: { path: { channel } }, body: { kind } })),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["record", channel] }),
    onError: sayProblem,
  });
  const mine = channels.data?.find((c) => c.id === channel);
  return (
    <section>
      <May role="OPERATOR">
        <h2 className="only-may">Practice signals from {platform}</h2>
        <div className="my-1.5 flex flex-wrap gap-1.5">
          {mine?.signals.map((signal) => (
            <button key={signal.kind} className="btn" onClick={() => send.mutate(signal.kind)}>
              <Send size={13} />
              {signal.word}
            </button>
          ))}
        </div>
      </May>
      <div className="mt-3 flex items-baseline gap-3">
        <h3>What was shown when</h3>
        <a
          className="ml-auto underline"
          href={`/api/channels/${channel}/record.csv?${query(wanted)}`}
          download="signals.csv"
        >
          {query(wanted) === "" ? "All of it as CSV" : "These as CSV"}
        </a>
      </div>
      <div className="mb-1 flex flex-wrap gap-2">
        <select
          className="field"
          aria-label="Kind of signal"
          value={kind}
          onChange={(event) => setKind(event.target.value as typeof kind)}
        >
          <option value="">every signal</option>
          {mine?.signals.map((signal) => (
            <option key={signal.kind} value={signal.kind}>
              {signal.word}
            </option>
          ))}
        </select>
        <select
          className="field"
          aria-label="What became of it"
          value={fate}
          onChange={(event) => setFate(event.target.value)}
        >
          <option value="">whatever became of it</option>
          {Object.keys(BECAME).map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
        <input
          className="field w-40"
          type="search"
          aria-label="Part of a name"
          placeholder="from anybody"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      {record.data?.length === 0 && (
        <p className="text-faint">{query(wanted) === "" ? "Nothing came yet." : "Nothing like that came."}</p>
      )}
      <ul
        className="ruled max-h-44 overflow-auto"
        aria-label="Practice signals that came"
        tabIndex={record.data?.length ? 0 : undefined}
      >
        {record.data?.map((line) => (
          <li key={line.id} className="flex gap-3 py-0.5">
            <span className="text-faint">{timeOfDay(line.at)}</span>
            <span className="w-32 truncate">{line.word}</span>
            <span className="min-w-0 flex-1 truncate">
              <b>{line.name}</b> {line.money} <span className="text-faint">{line.message}</span>
            </span>
            <span className="text-faint" title={line.shownIn.join("\n")}>
              {line.practice && "practice, "}
              {became(line)}
              {where(line)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What can be asked for, and the fates that are meant by it. */
const BECAME: Record<string, Schemas["RecordLine"]["fate"][]> = {
  shown: ["SHOWN", "JOINED"],
  waits: ["WAITS"],
  "ended or dropped by somebody": ["SKIPPED", "DROPPED"],
  "no alert": ["NO_RULE"],
};

function query(wanted: { kind?: string[]; fate?: string[]; name?: string }): string {
  return new URLSearchParams([
    ...(wanted.kind ?? []).map((one) => ["kind", one]),
    ...(wanted.fate ?? []).map((one) => ["fate", one]),
    ...(wanted.name ? [["name", wanted.name]] : []),
  ]).toString();
}

/** In how many of the open sources it was seen. */
function where(line: Schemas["RecordLine"]): string {
  if (line.showsFrom === 0 || line.showsTill > Date.now()) return "";
  const many = line.shownIn.length;
  return many === 0
    ? ", in no open source"
    : many === 1
      ? `, in ${line.shownIn[0] ?? ""}`
      : `, in ${String(many)} sources`;
}

/** What became of a signal on screen, in words. */
function became(line: Schemas["RecordLine"]): string {
  const times = line.showsFrom > 0 ? ` ${timeOfDay(line.showsFrom)} to ${timeOfDay(line.showsTill)}` : "";
  switch (line.fate) {
    case "WAITS":
      return times === "" ? "waits" : `shown${times}`;
    case "SHOWN":
      return `shown${times}`;
    case "JOINED":
      return `shown with ${line.with}${times === "" ? "" : `,${times}`}`;
    case "SKIPPED":
      return `shown${times}, ended by ${line.by}`;
    case "DROPPED":
      return `dropped by ${line.by}`;
    case "NO_RULE":
      return line.practice ? "no alert" : "counted, no alert";
  }
}
