import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { timeOfDay } from "../app/dates";
import { sayProblem } from "../app/notices";
import { Tick } from "../app/Tick";
import { Trouble } from "../app/Trouble";
import { May, useMay } from "../theme/May";
import { useCatalogue, useTheme } from "../theme/useTheme";

type Line = Schemas["BotLineWish"];

const LOOKS = 1500;

/** A line that is written right after the bot was let in is heard by it. */
const oneByOne = (theme: string) => ({ id: `practice chat ${theme}` });

/** The practice chat: whoever rehearses writes as anybody, and a stand-in bot obeys the theme's commands. */
export function PracticeChat({ scene }: { scene: string }) {
  const { id, show, theme } = useTheme();
  const queries = useQueryClient();
  const may = useMay("OPERATOR");
  const path = { params: { path: { id } } };
  const key = ["bot-trial", id];
  const trial = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/themes/{id}/bot/trial", path)),
    refetchInterval: LOOKS,
  });
  const joined = trial.data?.joined === true;
  const chat = useQuery({
    queryKey: ["chat", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/chat", { params: { path: { show } } })),
    refetchInterval: LOOKS,
    enabled: may,
  });
  const join = useMutation({
    scope: oneByOne(id),
    mutationFn: (wish: boolean) => answer(api.PUT("/api/themes/{id}/bot/trial", { ...path, body: { joined: wish } })),
    onSuccess: (next) => queries.setQueryData(key, next),
    onError: sayProblem,
  });
  const known = theme.scenes.some((one) => one.id === scene) ? scene : "";
  const seen = useMutation({
    scope: oneByOne(id),
    mutationFn: (wish: string) =>
      answer(api.PUT("/api/themes/{id}/bot/trial/scene", { ...path, body: { scene: wish } })),
    onSuccess: (next) => queries.setQueryData(key, next),
  }).mutate;
  useEffect(() => {
    if (joined && may) seen(known);
  }, [joined, may, known, seen]);
  return (
    <section aria-labelledby="practice-chat">
      <h2 id="practice-chat">Practice chat</h2>
      <Trouble query={trial} />
      <May role="OPERATOR">
        <label className="my-1.5 flex items-center gap-2">
          <Tick stored={joined} send={(on) => join.mutateAsync(on)} />
          {trial.data?.name ?? "The bot"} is in the chat and answers as the theme says
          {trial.data?.joined && <span className="text-faint">until {timeOfDay(trial.data.until)}</span>}
        </label>
        <Write />
      </May>
      {chat.data?.lines.length === 0 && <p className="text-faint">Nobody wrote yet.</p>}
      <ul
        className="ruled max-h-44 overflow-auto"
        aria-label="Lines of the practice chat"
        tabIndex={chat.data?.lines.length ? 0 : undefined}
      >
        {chat.data?.lines.map((line) => (
          <li key={line.id} className="flex gap-3 py-0.5">
            <span className="text-faint">{timeOfDay(line.at)}</span>
            <span className={`min-w-0 flex-1 break-words ${line.name === trial.data?.name ? "text-kelp" : ""}`}>
              <b>{line.name}</b> {line.text}
            </span>
          </li>
        ))}
      </ul>
      {trial.data?.joined && <Waits waiting={trial.data.waiting} />}
      {theme.bot.commands.length + theme.bot.timed.length === 0 && (
        <p className="text-faint">
          The theme has no commands yet: write them under <Link to={`/themes/${id}/facts`}>Facts</Link>.
        </p>
      )}
    </section>
  );
}

function Write() {
  const { id, show } = useTheme();
  const queries = useQueryClient();
  const askers = useCatalogue().data?.askers;
  const [name, setName] = useState("Tavi Brook");
  const [who, setWho] = useState<Line["who"]>("EVERYBODY");
  const [text, setText] = useState("");
  const say = useMutation({
    scope: oneByOne(id),
    mutationFn: (line: Line) =>
      answer(api.POST("/api/themes/{id}/bot/trial/lines", { params: { path: { id } }, body: line })),
    onSuccess: () => {
      setText("");
      void queries.invalidateQueries({ queryKey: ["chat", show] });
    },
    onError: sayProblem,
  });
  return (
    <form
      className="only-may mb-1.5 flex flex-wrap items-center gap-1.5"
      onSubmit={(event) => {
        event.preventDefault();
        say.mutate({ name: name.trim(), who, text: text.trim() });
      }}
    >
      <input
        className="field w-32"
        aria-label="Who writes"
        required
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <select
        className="field"
        aria-label="What who writes may"
        value={who}
        onChange={(event) => setWho(event.target.value as Line["who"])}
      >
        {askers?.map((asker) => (
          <option key={asker.id} value={asker.id}>
            {AS[asker.id]}
          </option>
        ))}
      </select>
      <input
        className="field min-w-48 flex-1"
        aria-label="Line for the practice chat"
        placeholder="Write into the practice chat, such as a command"
        required
        maxLength={500}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button className="btn" disabled={say.isPending}>
        Write
      </button>
      <span className="basis-full text-faint" role="status">
        {say.data?.why}
      </span>
    </form>
  );
}

const AS: Record<Line["who"], string> = {
  EVERYBODY: "a viewer",
  SUPPORTERS: "a supporter",
  HELPERS: "a helper",
  HOST: "the host",
};

/** What each timed message waits for. */
function Waits({ waiting }: { waiting: Schemas["Waiting"][] }) {
  const { theme } = useTheme();
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), 1000);
    return () => window.clearInterval(timer);
  }, []);
  return (
    <ul className="mt-1.5" aria-label="What timed messages wait for">
      {waiting.map((one) => (
        <li key={one.id} className="flex gap-3">
          <span className="min-w-0 flex-1 truncate">{theme.bot.timed.find((timed) => timed.id === one.id)?.text}</span>
          <span className="text-faint tabular-nums">{waitsFor(one, now)}</span>
        </li>
      ))}
    </ul>
  );
}

function waitsFor(one: Schemas["Waiting"], now: number): string {
  const parts: string[] = [];
  if (one.at > now) {
    const left = Math.ceil((one.at - now) / 1000);
    parts.push(`in ${String(Math.floor(left / 60))}:${String(left % 60).padStart(2, "0")}`);
  }
  if (one.lines > 0) parts.push(one.lines === 1 ? "after 1 more line" : `after ${String(one.lines)} more lines`);
  if (one.scene) parts.push("not on this scene");
  return parts.length === 0 ? "now" : parts.join(", ");
}
