import { Plus } from "lucide-react";
import { useState, type FormEvent } from "react";
import { answer, api, type Schemas } from "../api/client";
import { May } from "../theme/May";
import { usePlatforms } from "../app/usePlatforms";
import { useTheme } from "../theme/useTheme";
import { useChannelDeed } from "./useInlet";

/** All channels of the workspace; those that feed the show of this theme are marked. */
export function Channels(props: { all: Schemas["ChannelView"][]; chosen: string; choose: (channel: string) => void }) {
  const { all, chosen, choose } = props;
  const theme = useTheme();
  return (
    <>
      <p className="mb-2 text-faint">
        {theme.theme.name} is made for {theme.channelName} on {theme.platform}.
      </p>
      <h2 className="mb-1">Channels</h2>
      <ul className="mb-4">
        {all.map((one) => (
          <li key={one.id}>
            <button
              className={`block w-full border-l-4 px-2 py-1 text-left ${one.id === chosen ? "border-kelp bg-kelp-soft" : "border-transparent hover:bg-sheet"}`}
              aria-pressed={one.id === chosen}
              onClick={() => choose(one.id)}
            >
              <span className="block truncate font-bold">{one.name}</span>
              <span className="text-faint">
                {one.platform}
                {one.show === theme.show && ", feeds this show"}
              </span>
            </button>
          </li>
        ))}
      </ul>
      <May>
        <NewChannel made={choose} />
      </May>
    </>
  );
}

function NewChannel({ made }: { made: (channel: string) => void }) {
  const platforms = usePlatforms().data ?? [];
  const [platform, setPlatform] = useState("");
  const [name, setName] = useState("");
  const add = useChannelDeed(
    (wish: Schemas["NewChannel"]) => answer(api.POST("/api/channels", { body: wish })),
    (channel) => {
      setName("");
      made(channel.channel);
      return `${channel.name} is there, with a show of its own.`;
    },
  );
  const wanted = platform || platforms[0]?.id;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (wanted) add.mutate({ platform: wanted, name });
  };
  return (
    <form onSubmit={submit} className="only-may" aria-label="New channel">
      <h2 className="mb-1">New channel</h2>
      <input
        className="field mb-1.5 w-full"
        aria-label="Name of the channel"
        placeholder="Its name there"
        required
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <div className="flex gap-1.5">
        <select
          className="field flex-1"
          aria-label="Platform"
          value={wanted ?? ""}
          onChange={(event) => setPlatform(event.target.value)}
        >
          {platforms.map((one) => (
            <option key={one.id} value={one.id}>
              {one.title}
            </option>
          ))}
        </select>
        <button className="btn" disabled={add.isPending}>
          <Plus size={14} />
          Add
        </button>
      </div>
    </form>
  );
}
