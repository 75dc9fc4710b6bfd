import { useState } from "react";
import type { ThemeView } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useChannels } from "../app/useChannels";
import { usePlatforms } from "../app/usePlatforms";
import { toChannel, useStreamOn } from "../theme/useStreamOn";

/** Which channel, and with it which show, the theme is made for. */
export function StreamQuestion({ theme }: { theme: ThemeView }) {
  const [name, setName] = useState("");
  const [platform, setPlatform] = useState("");
  const channels = useChannels();
  const platforms = usePlatforms().data ?? [];
  const wanted = platform || (platforms[0]?.id ?? "");
  const choose = useStreamOn(theme, () => {
    setName("");
    return "";
  });
  const fixed = theme.onAir > 0;
  return (
    <>
      <Trouble query={channels} />
      <fieldset disabled={fixed || choose.isPending} className="mb-4">
        <legend className="mb-1">Channels of this workspace</legend>
        {channels.data?.map((channel) => (
          <label key={channel.id} className="flex items-center gap-1.5 py-0.5">
            <input
              type="radio"
              name="channel"
              className="accent-kelp"
              checked={channel.id === theme.channel}
              onChange={() => choose.mutate(toChannel(channel.id))}
            />
            {channel.name} <span className="text-faint">on {channel.platform}; its show says what the scenes say</span>
          </label>
        ))}
      </fieldset>
      <fieldset disabled={fixed || choose.isPending} className="border border-dashed border-rule p-3">
        <legend className="px-1">Or another one, to practise on</legend>
        <div className="flex flex-wrap gap-2">
          <input
            className="field w-48"
            aria-label="Name of the new channel"
            placeholder="Name of the channel"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <select
            className="field"
            aria-label="Platform of the new channel"
            value={wanted}
            onChange={(event) => setPlatform(event.target.value)}
          >
            {platforms.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="btn"
            disabled={name.trim() === ""}
            onClick={() => choose.mutate({ channel: null, platform: wanted, name })}
          >
            Add it and stream there
          </button>
        </div>
      </fieldset>
      {fixed && (
        <p className="mt-2 text-faint">It was on air already, so it stays on this channel. Move takes it elsewhere.</p>
      )}
    </>
  );
}
