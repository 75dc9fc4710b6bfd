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
/** In place of a platform's id: what all channels of the show come to. */
const READINGS = "=";

/** In place of a platform's id: what is said in the chat. */
const CHAT = "~";
/** In place of a platform's id: a table, by its id after this. */
const TABLE = "#";

/** What arrives from the channels, and what became of it. */
export function FactsPage() {
  const theme = useTheme();
  const channels = useChannels();
  const [chosen, setChosen] = useState("");
  const [profile, setProfile] = useState("");
  const platforms = usePlatforms().data ?? [];
  const platform = platforms.find((one) => one.id === profile);
  const may = useMay("OPERATOR");
  const channel =
    channels.data?.find((one) => one.id === chosen) ?? channels.data?.find((one) => one.id === theme.channel);
  return (
    <div className="grid h-full grid-cols-[246px_minmax(0,1fr)]">
      <section className="overflow-auto border-r border-rule p-4">
        <h1 className="mb-2">Facts</h1>
        <button
          className={`mb-1 w-full border-l-4 px-2 py-1.5 text-left ${profile === READINGS ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-kelp-soft"}`}
          aria-current={profile === READINGS}
          onClick={() => setProfile(READINGS)}
        >
          <b className="font-head">Readings</b>
          <span className="block text-faint">What all of it comes to</span>
        </button>
        {may && (
          <button
            className={`mb-3 w-full border-l-4 px-2 py-1.5 text-left ${profile === CHAT ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-kelp-soft"}`}
            aria-current={profile === CHAT}
            onClick={() => setProfile(CHAT)}
          >
            <b className="font-head">Chat</b>
            <span className="block text-faint">What is said, and what is shown</span>
          </button>
        )}
        <TableList
          chosen={profile.startsWith(TABLE) ? profile.slice(1) : ""}
          choose={(table) => setProfile(TABLE + table)}
        />
        {channels.isPending && <p className="text-faint">Looking for channels …</p>}
        <Trouble query={channels} />
        {channels.data && (
          <Channels
            all={channels.data}
            chosen={profile === "" ? (channel?.id ?? "") : ""}
            choose={(id) => {
              setProfile("");
              setChosen(id);
            }}
          />
        )}
        <Platforms chosen={profile} choose={setProfile} write={() => setProfile(NEW)} />
      </section>
      <section className="min-w-0 overflow-auto p-4">
        {profile === READINGS && (
          <>
            <ReadingsTable />
            <AirTime />
          </>
        )}
        {profile === CHAT && <ChatPage />}
        {profile.startsWith(TABLE) && <TablePage key={profile} table={profile.slice(1)} gone={() => setProfile("")} />}
        {profile !== "" && profile !== READINGS && profile !== CHAT && !profile.startsWith(TABLE) && platforms[0] && (
          <ProfileCard key={profile} platform={platform} model={platforms[0]} done={setProfile} />
        )}
        {profile === "" && channel && may && (
          <>
            {channel.id !== theme.channel && <UseHere channel={channel} />}
            <InletCard key={channel.id} channel={channel.id} gone={() => setChosen("")} />
            <MappedInlets key={`mapped ${channel.id}`} channel={channel.id} />
            <Deliveries channel={channel.id} />
          </>
        )}
        {profile === "" && !may && (
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
