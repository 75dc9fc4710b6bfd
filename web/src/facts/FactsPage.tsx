import { useState } from "react";
import { Trouble } from "../app/Trouble";
import { useChannels } from "../app/useChannels";
import { usePlatforms } from "../app/usePlatforms";
import type { Schemas } from "../api/client";
import { May, useMay } from "../theme/May";
import { toChannel, useStreamOn } from "../theme/useStreamOn";
import { useTheme } from "../theme/useTheme";
import { AirTime } from "./AirTime";
import { Channels } from "./Channels";
import { CommandsPage } from "../bot/CommandsPage";
import { ChatPage } from "./ChatPage";
import { Deliveries } from "./Deliveries";
import { InletCard } from "./InletCard";
import { MappedInlets } from "./MappedInlets";
import { Platforms } from "./Platforms";
import { ProfileCard } from "./ProfileCard";
import { TableList } from "../tables/TableList";
import { TablePage } from "../tables/TablePage";
import { ReadingsTable } from "./ReadingsTable";

/** In place of a platform's id: one that is being written. */
const NEW = " ";

/** What is looked at; a channel without an id is that of the theme. */
type Looked =
  | { at: "channel"; id: string }
  | { at: "readings" }
  | { at: "chat" }
  | { at: "commands" }
  | { at: "table"; id: string }
  | { at: "platform"; id: string };

const OWN_CHANNEL: Looked = { at: "channel", id: "" };

/** What arrives from the channels, and what became of it. */
export function FactsPage() {
  const theme = useTheme();
  const channels = useChannels();
  const [looked, look] = useState<Looked>(OWN_CHANNEL);
  const platforms = usePlatforms().data ?? [];
  const may = useMay("OPERATOR");
  const channel =
    (looked.at === "channel" && channels.data?.find((one) => one.id === looked.id)) ||
    channels.data?.find((one) => one.id === theme.channel);
  return (
    <div className="grid h-full grid-cols-[246px_minmax(0,1fr)]">
      <section className="overflow-auto border-r border-rule p-4">
        <h1 className="mb-2">Facts</h1>
        <button
          className={`mb-1 w-full border-l-4 px-2 py-1.5 text-left ${looked.at === "readings" ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-kelp-soft"}`}
          aria-current={looked.at === "readings"}
          onClick={() => look({ at: "readings" })}
        >
          <b className="font-head">Readings</b>
          <span className="block text-faint">What all of it comes to</span>
        </button>
        {may && (
          <button
            className={`mb-1 w-full border-l-4 px-2 py-1.5 text-left ${looked.at === "chat" ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-kelp-soft"}`}
            aria-current={looked.at === "chat"}
            onClick={() => look({ at: "chat" })}
          >
            <b className="font-head">Chat</b>
            <span className="block text-faint">What is said, and what is shown</span>
          </button>
        )}
        <button
          className={`mb-3 w-full border-l-4 px-2 py-1.5 text-left ${looked.at === "commands" ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-kelp-soft"}`}
          aria-current={looked.at === "commands"}
          onClick={() => look({ at: "commands" })}
        >
          <b className="font-head">Commands</b>
          <span className="block text-faint">What the bot answers and says</span>
        </button>
        <TableList chosen={looked.at === "table" ? looked.id : ""} choose={(id) => look({ at: "table", id })} />
        {channels.isPending && <p className="text-faint">Looking for channels …</p>}
        <Trouble query={channels} />
        {channels.data && (
          <Channels
            all={channels.data}
            chosen={looked.at === "channel" && channel ? channel.id : ""}
            choose={(id) => look({ at: "channel", id })}
          />
        )}
        <Platforms
          chosen={looked.at === "platform" ? looked.id : ""}
          choose={(id) => look({ at: "platform", id })}
          write={() => look({ at: "platform", id: NEW })}
        />
      </section>
      <section className="min-w-0 overflow-auto p-4">
        {looked.at === "readings" && (
          <>
            <ReadingsTable />
            <AirTime />
          </>
        )}
        {looked.at === "chat" && <ChatPage />}
        {looked.at === "commands" && <CommandsPage />}
        {looked.at === "table" && <TablePage key={looked.id} table={looked.id} gone={() => look(OWN_CHANNEL)} />}
        {looked.at === "platform" && platforms[0] && (
          <ProfileCard
            key={looked.id}
            platform={platforms.find((one) => one.id === looked.id)}
            model={platforms[0]}
            done={(id) => look(id === "" ? OWN_CHANNEL : { at: "platform", id })}
          />
        )}
        {looked.at === "channel" && channel && may && (
          <>
            {channel.id !== theme.channel && <UseHere channel={channel} />}
            <InletCard key={channel.id} channel={channel.id} gone={() => look(OWN_CHANNEL)} />
            <MappedInlets key={`mapped ${channel.id}`} channel={channel.id} />
            <Deliveries channel={channel.id} />
          </>
        )}
        {looked.at === "channel" && !may && (
          <p className="text-faint">Operators, designers and owners see the inlet of a channel and what came to it.</p>
        )}
      </section>
    </div>
  );
}

/** Makes this theme for another channel, while it was never on air. */
function UseHere({ channel }: { channel: Schemas["ChannelView"] }) {
  const view = useTheme();
  const { theme } = view;
  const use = useStreamOn(view, () => `${theme.name} is made for ${channel.name} now, and shows what its show says.`);
  return (
    <May>
      <p className="only-may mb-3 flex items-center gap-3">
        <button className="btn" disabled={use.isPending} onClick={() => use.mutate(toChannel(channel.id))}>
          Make {theme.name} for this channel
        </button>
        <span className="text-faint">Possible until the theme is put on air; afterwards it is moved.</span>
      </p>
    </May>
  );
}
