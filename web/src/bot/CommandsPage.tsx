import { Trash2 } from "lucide-react";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { NumberField } from "../app/NumberField";
import { Tick } from "../app/Tick";
import { useDraftText } from "../app/useDraftText";
import { MessageField } from "../content/MessageField";
import { useLatest } from "../content/useLatest";
import { May } from "../theme/May";
import { newId, useCatalogue, useEdit, useTheme } from "../theme/useTheme";
import { CommandFile } from "./CommandFile";
import { Link } from "react-router";

type Command = Schemas["Command"];
type Timed = Schemas["TimedMessage"];

const NEW_COMMAND: Omit<Command, "id" | "word"> = { aliases: [], answer: "", who: "EVERYBODY", pause: 10, on: true };
const NEW_TIMED: Omit<Timed, "id" | "text"> = { minutes: 15, lines: 5, scenes: [], on: true };

/** What the theme's bot answers and says in the chat: written here, tried in the rig, copied to a bot elsewhere. */
export function CommandsPage() {
  const { id, theme } = useTheme();
  const edit = useEdit();
  const name = useDraftText(theme.bot.name, (text) => edit({ edit: "nameBot", name: text.trim() }));
  const { commands, timed } = theme.bot;
  return (
    <section aria-labelledby="commands">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-3">
        <h2 id="commands">Commands and timed messages</h2>
        <span className="text-faint">
          Kept with the theme; a move takes them along in the words of the other platform.
        </span>
      </div>
      <p className="mb-3">
        They are tried in the practice chat under <Link to={`/themes/${id}/rehearse`}>Rehearse</Link>, and copied to
        your bot line by line under <Link to={`/themes/${id}/move`}>Move</Link>.
      </p>
      <May>
        <label className="mb-4 flex items-center gap-2">
          The bot writes as
          <input className="field w-48" placeholder="name of your bot" maxLength={60} {...name} />
        </label>
        <h3 className="mb-1">Commands</h3>
        {commands.length === 0 && (
          <p className="mb-1 text-faint">None yet. A command is the first word of a line, such as !hide.</p>
        )}
        <ul className="mb-2">
          {commands.map((one) => (
            <CommandRow key={one.id} command={one} />
          ))}
        </ul>
        <NewCommand />
        <h3 className="mb-1 mt-5">Timed messages</h3>
        {timed.length === 0 && (
          <p className="mb-1 text-faint">None yet. A timed message comes by itself, while people are talking.</p>
        )}
        <ul className="mb-2">
          {timed.map((one) => (
            <TimedRow key={one.id} message={one} />
          ))}
        </ul>
        <NewTimed />
      </May>
      <CommandFile />
    </section>
  );
}

function CommandRow({ command: kept }: { command: Command }) {
  const edit = useEdit();
  const catalogue = useCatalogue().data;
  const [command, put] = useLatest(kept, (next) => edit({ edit: "setCommand", command: next }));
  const set = (change: Partial<Command>) => put((before) => ({ ...before, ...change }));
  const word = useDraftText(command.word, (text) => set({ word: text.trim() }));
  const aliases = useDraftText(command.aliases.join(" "), (text) =>
    set({ aliases: text.split(/[\s,]+/).filter(Boolean) }),
  );
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <Tick aria-label={`${command.word} is answered`} stored={command.on} send={(on) => set({ on })} />
        <input className="field w-32 font-head" aria-label={`Command ${command.word}`} maxLength={40} {...word} />
        <input
          className="field w-40"
          aria-label={`Other words for ${command.word}`}
          placeholder="other words"
          {...aliases}
        />
        <label className="flex items-center gap-1.5">
          for
          <select
            className="field"
            aria-label={`Who may ask ${command.word}`}
            value={command.who}
            onChange={(event) => void set({ who: event.target.value as Command["who"] })}
          >
            {catalogue?.askers.map((asker) => (
              <option key={asker.id} value={asker.id}>
                {asker.title}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-1.5">
          pauses
          <NumberField
            label={`Pause of ${command.word} in seconds`}
            value={command.pause}
            digits={0}
            set={(pause) => set({ pause })}
          />
          s
        </label>
        <button
          className="btn ml-auto px-1.5"
          aria-label={`Remove ${command.word}`}
          onClick={() => void edit({ edit: "dropCommand", command: command.id })}
        >
          <Trash2 className="size-4" />
        </button>
      </div>
      <div className="mt-1 pl-7">
        <MessageField
          title={`Answer to ${command.word}`}
          bare
          answers
          value={command.answer}
          values={catalogue?.commandValues}
          set={(answer) => set({ answer })}
        />
      </div>
    </li>
  );
}

function NewCommand() {
  const edit = useEdit();
  const [word, setWord] = useState("");
  const [answer, setAnswer] = useState("");
  const add = async () => {
    const command = { ...NEW_COMMAND, id: newId("command"), word: word.trim(), answer: answer.trim() };
    if (await edit({ edit: "setCommand", command })) {
      setWord("");
      setAnswer("");
    }
  };
  return (
    <form
      className="only-may flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <input
        className="field w-32"
        aria-label="New command"
        placeholder="!command"
        required
        maxLength={40}
        value={word}
        onChange={(event) => setWord(event.target.value)}
      />
      <input
        className="field min-w-64 flex-1"
        aria-label="Answer to the new command"
        placeholder="What the bot answers; {name} is who asks"
        required
        maxLength={500}
        value={answer}
        onChange={(event) => setAnswer(event.target.value)}
      />
      <button className="btn">Add the command</button>
    </form>
  );
}

function TimedRow({ message: kept }: { message: Timed }) {
  const { theme } = useTheme();
  const edit = useEdit();
  const [message, put] = useLatest(kept, (next) => edit({ edit: "setTimed", message: next }));
  const set = (change: Partial<Timed>) => put((before) => ({ ...before, ...change }));
  const shown = theme.scenes.filter((scene) => message.scenes.includes(scene.id));
  const free = theme.scenes.filter((scene) => !message.scenes.includes(scene.id));
  const called = message.text.slice(0, 24);
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <Tick aria-label={`“${called}” is said`} stored={message.on} send={(on) => set({ on })} />
        <label className="flex items-center gap-1.5">
          every
          <NumberField
            label={`Minutes between two times of “${called}”`}
            value={message.minutes}
            digits={0}
            set={(minutes) => set({ minutes })}
          />
          minutes
        </label>
        <label className="flex items-center gap-1.5">
          after
          <NumberField
            label={`Lines of others before “${called}”`}
            value={message.lines}
            digits={0}
            set={(lines) => set({ lines })}
          />
          lines of others
        </label>
        <span className="flex flex-wrap items-center gap-1.5">
          {shown.length === 0 ? "on every scene" : "on"}
          {shown.map((scene) => (
            <button
              key={scene.id}
              className="btn"
              title={`Not on ${scene.name} any more`}
              onClick={() => void set({ scenes: message.scenes.filter((one) => one !== scene.id) })}
            >
              {scene.name} ×
            </button>
          ))}
          <select
            className="field only-may w-28"
            aria-label={`On which scenes “${called}” is said`}
            value=""
            onChange={(event) => void set({ scenes: [...shown.map((one) => one.id), event.target.value] })}
          >
            <option value="">{shown.length === 0 ? "only on …" : "and on …"}</option>
            {free.map((scene) => (
              <option key={scene.id} value={scene.id}>
                {scene.name}
              </option>
            ))}
          </select>
        </span>
        <button
          className="btn ml-auto px-1.5"
          aria-label={`Remove “${called}”`}
          onClick={() => void edit({ edit: "dropTimed", message: message.id })}
        >
          <Trash2 className="size-4" />
        </button>
      </div>
      <div className="mt-1 pl-7">
        <MessageField title={`Timed message “${called}”`} bare value={message.text} set={(text) => set({ text })} />
      </div>
    </li>
  );
}

function NewTimed() {
  const edit = useEdit();
  const [text, setText] = useState("");
  const add = async () => {
    if (await edit({ edit: "setTimed", message: { ...NEW_TIMED, id: newId("timed"), text: text.trim() } })) setText("");
  };
  return (
    <form
      className="only-may flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <input
        className="field min-w-64 flex-1"
        aria-label="New timed message"
        placeholder="What the bot says from time to time"
        required
        maxLength={500}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button className="btn">Add the timed message</button>
    </form>
  );
}
