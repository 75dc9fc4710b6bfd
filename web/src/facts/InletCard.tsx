import { KeyRound, Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useDraftText } from "../app/useDraftText";
import { useFeeding } from "../show/useShow";
import { May } from "../theme/May";
import { useTheme } from "../theme/useTheme";
import { Copied } from "../app/Copied";
import { useChannelDeed, useInlet, type Inlet } from "./useInlet";

/** A channel's name and end, and where its facts come in: address, secret, and a call to try it with. */
export function InletCard({ channel, gone }: { channel: string; gone: () => void }) {
  const inlet = useInlet(channel);
  if (inlet.isPending) return <p className="text-faint">Looking at the inlet …</p>;
  if (!inlet.data) return <Trouble query={inlet} />;
  return (
    <>
      <Head inlet={inlet.data} gone={gone} />
      <section aria-labelledby="inlet" className="mb-6 border-l-4 border-double border-rule pl-4">
        <h2 id="inlet" className="mb-1">
          Inlet
        </h2>
        <p className="mb-2 text-faint">
          Signals come as CloudEvents 1.0 in JSON, one or several in a body, signed with HMAC-SHA-256. The same event
          twice counts once.
        </p>
        <Copied label="Address" text={inlet.data.address} />
        <Secret inlet={inlet.data} />
        <Copied label="A call to try, for a shell with curl and openssl" text={inlet.data.call} block />
        <details className="mt-2">
          <summary>What {inlet.data.platform} can send</summary>
          <table className="mt-1">
            <tbody>
              {inlet.data.signals.map((signal) => (
                <tr key={signal.kind}>
                  <td className="pr-4">{signal.word}</td>
                  <td className="font-mono">{signal.type}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      </section>
    </>
  );
}

function Head({ inlet, gone }: { inlet: Inlet; gone: () => void }) {
  const path = { channel: inlet.channel };
  const [asking, setAsking] = useState(false);
  const rename = useChannelDeed(
    (name: string) => answer(api.PUT("/api/channels/{channel}", { params: { path }, body: { name } })),
    () => "",
  );
  const remove = useChannelDeed(
    () => answer(api.DELETE("/api/channels/{channel}", { params: { path } })),
    () => {
      gone();
      return `${inlet.name} and its signals are deleted.`;
    },
  );
  const draft = useDraftText(inlet.name, (name) =>
    rename.mutateAsync(name).then(
      () => true,
      () => false,
    ),
  );
  return (
    <div className="mb-4 flex flex-wrap items-center gap-3">
      <May>
        <input
          className="field font-head text-lg font-bold"
          aria-label="Name of this channel"
          maxLength={80}
          {...draft}
        />
        <span className="text-faint">
          {inlet.platform}
          {inlet.themes.length === 0 ? "; no theme is made for it" : `; made for it: ${inlet.themes.join(", ")}`}
        </span>
        <Feeds channel={inlet.channel} />
        <span className="only-may ml-auto flex gap-2">
          {asking ? (
            <>
              <button
                className="btn border-live text-live"
                disabled={remove.isPending}
                onClick={() => remove.mutate(undefined)}
              >
                Delete it and its signals
              </button>
              <button className="btn" onClick={() => setAsking(false)}>
                Keep it
              </button>
            </>
          ) : (
            <button
              className="btn"
              disabled={inlet.themes.length > 0}
              title={inlet.themes.length > 0 ? "Themes are made for it; they must go first" : undefined}
              onClick={() => setAsking(true)}
            >
              <Trash2 size={14} />
              Delete the channel
            </button>
          )}
        </span>
      </May>
    </div>
  );
}

/** The show that a channel feeds: one of its own, or that of others, as for whoever streams to several at once. */
function Feeds({ channel }: { channel: string }) {
  const { show } = useTheme();
  const { channels, feed } = useFeeding(show);
  const mine = channels.find((one) => one.id === channel);
  if (!mine || channels.length < 2) return null;
  const others = [...new Set(channels.filter((one) => one.show !== mine.show).map((one) => one.show))];
  const shared = channels.filter((one) => one.show === mine.show && one.id !== channel);
  const names = (id: string) =>
    channels
      .filter((one) => one.show === id)
      .map((one) => one.name)
      .join(", ");
  return (
    <label className="flex items-center gap-1.5">
      <span className="text-faint">feeds</span>
      <select
        className="field max-w-56"
        aria-label="Show that this channel feeds"
        value={mine.show}
        onChange={(event) => feed({ channel, show: event.target.value === "" ? null : event.target.value })}
      >
        <option value={mine.show}>
          {shared.length === 0 ? "a show of its own" : `one show with ${shared.map((one) => one.name).join(", ")}`}
        </option>
        {shared.length > 0 && <option value="">a show of its own</option>}
        {others.map((id) => (
          <option key={id} value={id}>
            the show of {names(id)}
          </option>
        ))}
      </select>
    </label>
  );
}

function Secret({ inlet }: { inlet: Inlet }) {
  const [secret, setSecret] = useState("");
  const issue = useChannelDeed(
    () => answer(api.POST("/api/channels/{channel}/inlet/secret", { params: { path: { channel: inlet.channel } } })),
    (issued) => {
      setSecret(issued.secret);
      return "";
    },
  );
  const renew = () => {
    if (confirm(`Issue a new signing secret for ${inlet.name}? What is signed with the one before is refused at once.`))
      issue.mutate(undefined);
  };
  if (secret !== "")
    return (
      <div className="my-2 border-l-4 border-ochre bg-ochre-soft px-3 py-2">
        <Copied label="The signing secret, shown this once" text={secret} />
      </div>
    );
  return (
    <May>
      <p className="my-2 flex items-center gap-3">
        <button className="btn" disabled={issue.isPending} onClick={renew}>
          <KeyRound size={14} aria-hidden="true" />
          Issue a new signing secret
        </button>
        <span className="only-may text-faint">It is shown once; the one before stops working.</span>
      </p>
    </May>
  );
}
