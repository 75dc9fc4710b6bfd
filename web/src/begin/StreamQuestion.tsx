import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas, type ThemeView } from "../api/client";
import { sayProblem } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useChannels } from "../app/useChannels";
import { useCatalogue } from "../theme/useTheme";

type Wish = Schemas["ChannelWish"];

/** Which channel, and with it which show, the theme is made for. */
export function StreamQuestion({ theme }: { theme: ThemeView }) {
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const [platform, setPlatform] = useState<Wish["platform"]>("ALDER");
  const channels = useChannels();
  const platforms = useCatalogue().data?.platforms ?? [];
  const choose = useMutation({
    mutationFn: (wish: Wish) =>
      answer(api.PUT("/api/themes/{id}/channel", { params: { path: { id: theme.id } }, body: wish })),
    onSuccess: (view) => {
      queries.setQueryData(["theme", theme.id], view);
      void queries.invalidateQueries({ queryKey: ["channels"] });
      setName("");
    },
    onError: sayProblem,
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
              onChange={() => choose.mutate({ channel: channel.id, platform: "ALDER", name: "" })}
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
            value={platform}
            onChange={(event) => setPlatform(event.target.value as Wish["platform"])}
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
            onClick={() => choose.mutate({ channel: null, platform, name })}
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
