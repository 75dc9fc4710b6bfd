import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Check, Circle, Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useCopy } from "../app/useCopy";
import { useDraftText } from "../app/useDraftText";
import { Tick } from "../app/Tick";
import { useTheme } from "../theme/useTheme";

type List = Schemas["MoveListView"];
type Source = Schemas["SourceLine"];
type Own = Schemas["OwnLine"];

/** What is seen open changes while somebody works in their own software. */
const LOOK_EVERY = 5000;

const STATES: Record<Source["state"], string> = {
  DONE: "The new link was seen open, the old one is closed.",
  TICKED: "Ticked; the new link was not seen open yet.",
  TICKED_STILL_OPEN: "Ticked, but the old link is still open",
  BOTH_OPEN: "The new link is open, and the old one still is",
  OLD_OPEN: "The old link is open",
  WAITING: "Neither is open now.",
};

function useList() {
  const { id } = useTheme();
  return useQuery({
    queryKey: ["move-list", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/move/list", { params: { path: { id } } })),
    refetchInterval: LOOK_EVERY,
    staleTime: 0,
  });
}

/** A deed on the list; what the server answers is the list. */
function useDeed<T>(deed: (wish: T) => Promise<List>) {
  const { id } = useTheme();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: deed,
    onSuccess: (list) => queries.setQueryData(["move-list", id], list),
    onError: (problem) => {
      sayProblem(problem);
      void queries.invalidateQueries({ queryKey: ["move-list", id] });
    },
  });
}

/** Ticks a line that the server knows by a key: a source, a command, the bot. */
function useTick() {
  const { id } = useTheme();
  return useDeed(({ key, done }: { key: string; done: boolean }) =>
    answer(api.PUT("/api/themes/{id}/move/list/sources", { params: { path: { id } }, body: { key, done } })),
  );
}

/** What is still to be done after a move: sources by what is seen of them, and lines of people's own. */
export function DoneList() {
  const { movedFrom } = useTheme();
  const list = useList();
  if (list.isPending) return <p className="text-faint">Looking what is open …</p>;
  if (!list.data) return <Trouble query={list} />;
  return (
    <>
      {movedFrom && <Switch list={list.data} />}
      {list.data.sources.length > 0 && <Sources sources={list.data.sources} />}
      {list.data.bot && <Said list={list.data} bot={list.data.bot} />}
      <OwnLines lines={list.data.own} />
    </>
  );
}

/** What the switch needs, as it stands; whoever comes next goes on from here. */
function Switch({ list }: { list: List }) {
  const replaced = list.sources.filter((one) => one.done).length;
  const own = list.own.filter((one) => one.done).length;
  const lines: [boolean, string][] = [
    [list.onAir, list.onAir ? "The copy is on air." : "The copy is not on air: put it on air first."],
    [
      list.sources.length > 0 && replaced === list.sources.length,
      list.sources.length === 0
        ? "Its links are listed here once it is on air."
        : `${String(replaced)} of ${String(list.sources.length)} sources have their new link.`,
    ],
    [
      list.oldOpen === 0,
      list.oldOpen === 0
        ? "No old link is open."
        : `Old links are still open in ${String(list.oldOpen)} ${list.oldOpen === 1 ? "place" : "places"}.`,
    ],
  ];
  if (list.bot) {
    const copied = list.said.filter((one) => one.done).length;
    lines.push(
      [
        copied === list.said.length,
        `${String(copied)} of ${String(list.said.length)} commands and timed messages are copied to the bot.`,
      ],
      [list.bot.done, list.bot.done ? "The bot is in the new chat." : "The bot was not seen in the new chat yet."],
    );
  }
  if (list.own.length > 0) {
    lines.push([own === list.own.length, `${String(own)} of ${String(list.own.length)} other places are changed.`]);
  }
  return (
    <section className="mb-6" aria-labelledby="switch">
      <h2 id="switch">The switch</h2>
      <ul>
        {lines.map(([right, text]) => (
          <li key={text} className={`flex items-center gap-2 py-0.5 ${right ? "" : "text-ochre"}`}>
            {right ? (
              <Check className="size-4 text-kelp" aria-label="done" />
            ) : (
              <Circle className="size-4" aria-label="to do" />
            )}
            {text}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Sources({ sources }: { sources: Source[] }) {
  const tick = useTick();
  const left = sources.filter((one) => !one.done).length;
  return (
    <section className="mb-6" aria-labelledby="done-sources">
      <h2 id="done-sources">Sources in your software</h2>
      <p className="mb-1 text-faint">
        {left === 0
          ? "Every source has its new link."
          : `${String(left)} of ${String(sources.length)} still to do. A line is done by itself once its new link was seen open and the old one is closed.`}
      </p>
      <div className="max-h-96 overflow-auto">
        <table className="w-full border-collapse [&_td]:py-1">
          <thead>
            <tr className="border-b border-ink text-left font-head">
              <th className="w-10 py-1">Done</th>
              <th>Source</th>
              <th>Old link</th>
              <th>New link</th>
              <th>What is seen</th>
            </tr>
          </thead>
          <tbody>
            {sources.map((one) => {
              const name = `${one.scene}, ${one.canvas}, ${one.source}`;
              return (
                <tr key={one.key} className="border-b border-rule align-top">
                  <td>
                    {one.state === "DONE" ? (
                      <Check className="size-4 text-kelp" aria-label={`${name} is done`} />
                    ) : (
                      <Tick
                        aria-label={`${name} is done`}
                        stored={one.by !== ""}
                        send={(done) => tick.mutateAsync({ key: one.key, done })}
                      />
                    )}
                  </td>
                  <td className="pr-2">{name}</td>
                  <td className="pr-2">
                    <a className="text-faint underline" href={one.oldLink} target="_blank" rel="noreferrer">
                      …{one.oldLink.slice(-8)}
                    </a>
                  </td>
                  <td className="pr-2">
                    <a className="underline" href={one.newLink} target="_blank" rel="noreferrer">
                      …{one.newLink.slice(-8)}
                    </a>
                  </td>
                  <td className={one.state === "TICKED_STILL_OPEN" || one.state === "BOTH_OPEN" ? "text-ochre" : ""}>
                    {STATES[one.state]}
                    {open(one) && ` (at ${clock(one.oldAt)}).`}
                    {one.by !== "" && <span className="text-faint"> {one.by}</span>}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}

/** What the bot answers and says, to be copied to a bot elsewhere line by line. */
function Said({ list, bot }: { list: List; bot: NonNullable<List["bot"]> }) {
  const copy = useCopy();
  const tick = useTick();
  const put = (text: string) => copy(text, "Copied.", "The browser does not let it be copied; mark it and copy it.");
  return (
    <section className="mb-6" aria-labelledby="done-said">
      <h2 id="done-said">Commands and timed messages for your bot</h2>
      <p className="mb-1 text-faint">
        Copy them to your bot line by line, and tick what is done. A line that is changed later is to be copied again.
      </p>
      <div className="max-h-96 overflow-auto">
        <table className="w-full border-collapse [&_td]:py-1">
          <thead>
            <tr className="border-b border-ink text-left font-head">
              <th className="w-10 py-1">Done</th>
              <th className="w-28">Command</th>
              <th>Text</th>
              <th>What else</th>
            </tr>
          </thead>
          <tbody>
            {list.said.map((one) => {
              const name = one.word === "" ? `“${one.text.slice(0, 24)}”` : one.word;
              return (
                <tr key={one.key} className="border-b border-rule align-top">
                  <td>
                    <Tick
                      aria-label={`${name} is copied`}
                      stored={one.done}
                      send={(done) => tick.mutateAsync({ key: one.key, done })}
                    />
                  </td>
                  <td className="pr-2">
                    {one.word === "" ? (
                      <span className="text-faint">by time</span>
                    ) : (
                      <button className="underline" onClick={() => put(one.word)}>
                        {one.word}
                      </button>
                    )}
                  </td>
                  <td className="pr-2">
                    {one.text}{" "}
                    <button className="underline" aria-label={`Copy the text of ${name}`} onClick={() => put(one.text)}>
                      copy
                    </button>
                  </td>
                  <td className="pr-2 text-faint">
                    {one.rest} {one.by !== "" && <span>({one.by})</span>}
                  </td>
                </tr>
              );
            })}
            <tr className="border-b border-rule align-top">
              <td>
                {bot.seenAt > 0 ? (
                  <Check className="size-4 text-kelp" aria-label="The bot is in the chat" />
                ) : (
                  <Tick
                    aria-label="The bot is in the chat"
                    stored={bot.done}
                    send={(done) => tick.mutateAsync({ key: bot.key, done })}
                  />
                )}
              </td>
              <td colSpan={2}>{bot.name === "" ? "The bot" : bot.name} is in the chat of this theme’s channel.</td>
              <td className="text-faint">
                {bot.seenAt > 0
                  ? `It wrote there at ${clock(bot.seenAt)}.`
                  : bot.name === ""
                    ? "Say under Facts what it is called, and it is ticked by itself once it writes there."
                    : "Ticked by itself once it writes there."}
                {bot.by !== "" && ` (${bot.by})`}
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  );
}

function open(one: Source): boolean {
  return ["TICKED_STILL_OPEN", "BOTH_OPEN", "OLD_OPEN"].includes(one.state);
}

function clock(at: number): string {
  return new Date(at).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" });
}

function OwnLines({ lines }: { lines: Own[] }) {
  return (
    <section className="mb-6" aria-labelledby="own-lines">
      <h2 id="own-lines">Other places that must be changed</h2>
      <p className="mb-1 text-faint">
        A tip page, panels, descriptions, a schedule, a helper’s phone: lines of your own, which go along to the next
        move.
      </p>
      {lines.length > 0 && (
        <table className="mb-2 w-full border-collapse [&_td]:py-1">
          <thead>
            <tr className="border-b border-ink text-left font-head">
              <th className="w-10 py-1">Done</th>
              <th className="w-56">What</th>
              <th>Where</th>
              <th>Note</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <OwnRow key={line.id} line={line} />
            ))}
          </tbody>
        </table>
      )}
      <NewLine />
    </section>
  );
}

function OwnRow({ line }: { line: Own }) {
  const { id } = useTheme();
  const path = { id, line: line.id };
  const done = useDeed((tick: boolean) =>
    answer(api.PUT("/api/themes/{id}/move/list/lines/{line}/done", { params: { path }, body: { done: tick } })),
  );
  const change = useDeed((wish: Schemas["OwnWish"]) =>
    answer(api.PUT("/api/themes/{id}/move/list/lines/{line}", { params: { path }, body: wish })),
  );
  const remove = useDeed(() => answer(api.DELETE("/api/themes/{id}/move/list/lines/{line}", { params: { path } })));
  const { title, link, note } = line;
  const send = (wish: Partial<Schemas["OwnWish"]>) =>
    change.mutateAsync({ title, link, note, ...wish }).then(
      () => true,
      () => false,
    );
  const titleText = useDraftText(title, (text) => send({ title: text }));
  const linkText = useDraftText(link, (text) => send({ link: text }));
  const noteText = useDraftText(note, (text) => send({ note: text }));
  return (
    <tr className="border-b border-rule align-top">
      <td>
        <Tick className="mt-2" aria-label={`${title} is done`} stored={line.done} send={(on) => done.mutateAsync(on)} />
      </td>
      <td className="pr-2">
        <input className="field w-full" aria-label={`What ${title} is`} maxLength={120} {...titleText} />
      </td>
      <td className="pr-2">
        <input className="field w-full" aria-label={`Where ${title} is`} maxLength={500} {...linkText} />
        {/^https?:\/\//.test(link) && (
          <a className="underline" href={link} target="_blank" rel="noreferrer">
            open
          </a>
        )}
      </td>
      <td className="pr-2">
        <input className="field w-full" aria-label={`Note on ${title}`} maxLength={400} {...noteText} />
        {line.by !== "" && <span className="text-faint">{line.by}</span>}
      </td>
      <td>
        <button className="btn px-1.5" aria-label={`Remove ${title}`} onClick={() => remove.mutate(undefined)}>
          <Trash2 className="size-4" />
        </button>
      </td>
    </tr>
  );
}

function NewLine() {
  const { id } = useTheme();
  const queries = useQueryClient();
  const [title, setTitle] = useState("");
  const [link, setLink] = useState("");
  const add = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/themes/{id}/move/list/lines", {
          params: { path: { id } },
          body: { title: title.trim(), link: link.trim(), note: "" },
        }),
      ),
    onSuccess: () => {
      setTitle("");
      setLink("");
      return queries.invalidateQueries({ queryKey: ["move-list", id] });
    },
    onError: sayProblem,
  });
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate();
      }}
    >
      <input
        className="field w-56"
        aria-label="What else must be changed"
        placeholder="What, such as the tip page"
        required
        maxLength={120}
        value={title}
        onChange={(event) => setTitle(event.target.value)}
      />
      <input
        className="field w-72"
        aria-label="Where that is"
        placeholder="Where (a link), if there is one"
        maxLength={500}
        value={link}
        onChange={(event) => setLink(event.target.value)}
      />
      <button className="btn" disabled={add.isPending}>
        Add the line
      </button>
    </form>
  );
}
