import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Eye, EyeOff, Volume2, VolumeX } from "lucide-react";
import { answer, api, type Schemas } from "../api/client";
import { useDeed } from "../app/useDeed";
import { Trouble } from "../app/Trouble";
import { useDraftText } from "../app/useDraftText";
import { Tick } from "../app/Tick";
import { useTheme } from "../theme/useTheme";

type Chat = Schemas["ChatView"];
type Deed = Schemas["ChatDoing"]["deed"];

/** The page looks again so often; milliseconds. */
const LOOKS = 1000;

/** What is said in the chat, and what of it viewers see on screen. */
export function ChatPage() {
  const { show } = useTheme();
  const queries = useQueryClient();
  const path = { params: { path: { show } } };
  const key = ["chat", show];
  const chat = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/shows/{show}/chat", path)),
    refetchInterval: LOOKS,
  });
  const take = (next: Chat) => {
    queries.setQueryData(key, next);
    return next;
  };
  const change = useDeed(
    (wish: Schemas["ChatDoing"]) => answer(api.POST("/api/shows/{show}/chat", { ...path, body: wish })).then(take),
    () => "",
    [],
  );
  const rules = useDeed(
    (wish: Schemas["ChatWish"]) => answer(api.PUT("/api/shows/{show}/chat", { ...path, body: wish })).then(take),
    () => "",
    [],
  );
  const act = (deed: Deed, of: string) => change.mutate({ deed, of });
  return (
    <section aria-labelledby="chat">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-3">
        <h2 id="chat">Chat</h2>
        <span className="text-faint">The latest lines, the newest first, and what of them the chat panels show.</span>
      </div>
      <Trouble query={chat} />
      {chat.isPending && <p className="text-faint">Listening …</p>}
      {chat.data && (
        <>
          <Rules
            key={chat.data.words.join(" ")}
            chat={chat.data}
            set={(wish) =>
              rules.mutateAsync(wish).then(
                () => true,
                () => false,
              )
            }
          />
          {chat.data.hushed.length > 0 && (
            <p className="mb-2 flex flex-wrap items-center gap-1.5">
              <span className="text-faint">Hushed:</span>
              {chat.data.hushed.map((name) => (
                <button
                  key={name}
                  className="btn"
                  title={`Show what ${name} writes again`}
                  onClick={() => act("HEAR", name)}
                >
                  <VolumeX size={13} />
                  {name}
                </button>
              ))}
            </p>
          )}
          {chat.data.lines.length === 0 && (
            <p className="text-faint">
              Nobody wrote yet. A channel&rsquo;s platform sends chat lines through its inlet.
            </p>
          )}
          <ul>
            {chat.data.lines.map((line) => (
              <Line key={line.id} line={line} act={act} />
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function Line({ line, act }: { line: Schemas["Said"]; act: (deed: Deed, of: string) => void }) {
  const whole = `${line.name}: ${line.text}`;
  const gone = line.shown === "";
  return (
    <li className="flex items-start gap-2 border-b border-rule py-1">
      <time className="w-16 shrink-0 text-faint tabular-nums" dateTime={new Date(line.at).toISOString()}>
        {new Date(line.at).toLocaleTimeString("en-GB")}
      </time>
      <span className={`min-w-0 flex-1 break-words ${gone ? "text-faint line-through" : ""}`}>
        <b>{line.name}</b> {line.text}
        {!gone && line.shown !== whole && <span className="block text-faint">Viewers read: {line.shown}</span>}
      </span>
      <button
        className="btn px-1.5"
        aria-pressed={line.hidden}
        aria-label={line.hidden ? `Show this line of ${line.name} again` : `Hide this line of ${line.name}`}
        title={line.hidden ? "Show it again" : "Hide this line"}
        onClick={() => act(line.hidden ? "SHOW" : "HIDE", line.id)}
      >
        {line.hidden ? <Eye size={13} /> : <EyeOff size={13} />}
      </button>
      <button
        className="btn px-1.5"
        aria-pressed={line.hushed}
        aria-label={line.hushed ? `Show what ${line.name} writes again` : `Hush ${line.name}`}
        title={line.hushed ? "Show what they write again" : "Hush them: show nothing that they write"}
        onClick={() => act(line.hushed ? "HEAR" : "HUSH", line.name)}
      >
        {line.hushed ? <Volume2 size={13} /> : <VolumeX size={13} />}
      </button>
    </li>
  );
}

function Rules({ chat, set }: { chat: Chat; set: (wish: Schemas["ChatWish"]) => Promise<boolean> }) {
  const words = useDraftText(chat.words.join(", "), (text) => set({ words: text.split(/[,\n]/), links: chat.links }));
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <label className="min-w-64 flex-1">
        <span className="block text-faint">Hidden words, commas between them; viewers see dots instead</span>
        <input className="field w-full" placeholder="None" {...words} />
      </label>
      <label className="flex items-center gap-1.5">
        <Tick stored={chat.links} send={(links) => set({ words: chat.words, links })} />
        Hide links
      </label>
    </div>
  );
}
