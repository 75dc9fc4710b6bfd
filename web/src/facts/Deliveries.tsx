import { timeOfDay } from "../app/dates";
import { RotateCw } from "lucide-react";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useChannelDeed, useDeliveries, type Delivery } from "./useInlet";

const OUTCOMES: Record<Delivery["outcome"], [string, string]> = {
  COUNTED: ["counted", "text-kelp"],
  PRACTICE: ["practice", "text-kelp"],
  REPEATED: ["repeated", "text-faint"],
  REFUSED: ["refused", "text-live"],
};

/** The last things that came to an inlet, and what became of each. */
export function Deliveries({ channel }: { channel: string }) {
  const deliveries = useDeliveries(channel);
  return (
    <section aria-labelledby="deliveries">
      <h2 id="deliveries" className="mb-1">
        Last deliveries
      </h2>
      {deliveries.isPending && <p className="text-faint">Looking at what came …</p>}
      <Trouble query={deliveries} />
      {deliveries.data?.length === 0 && (
        <p className="text-faint">
          Nothing came yet. Paste the call above into a shell, or send a practice signal on Rehearse; it appears here by
          itself.
        </p>
      )}
      {deliveries.data && deliveries.data.length > 0 && (
        <ul className="ruled border-y border-rule" aria-label="Last deliveries">
          {deliveries.data.map((one) => (
            <Line key={one.id} channel={channel} one={one} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Line({ channel, one }: { channel: string; one: Delivery }) {
  const again = useChannelDeed(
    () =>
      answer(
        api.POST("/api/channels/{channel}/deliveries/{delivery}/again", {
          params: { path: { channel, delivery: one.id } },
        }),
      ),
    (receipt) => receipt.sentence,
  );
  const [word, colour] = OUTCOMES[one.outcome];
  return (
    <li className="py-1">
      <details>
        <summary className="flex cursor-default items-baseline gap-3">
          <time className="shrink-0 text-faint" dateTime={one.at}>
            {timeOfDay(one.at)}
          </time>
          <span className={`w-20 shrink-0 font-bold ${colour}`}>{word}</span>
          <span className="min-w-0 flex-1 truncate">{one.sentence}</span>
        </summary>
        <pre className="mt-1 max-h-60 overflow-auto border border-rule bg-sheet p-2 whitespace-pre-wrap" tabIndex={0}>
          {pretty(one.body)}
        </pre>
        <div className="mt-1 flex items-center gap-3">
          <button className="btn" disabled={again.isPending || one.cut} onClick={() => again.mutate(undefined)}>
            <RotateCw size={13} aria-hidden="true" />
            Send again
          </button>
          <span className="text-faint">
            {one.cut ? "Only its beginning was kept." : one.type === "" ? "It said no content type." : one.type}
          </span>
        </div>
      </details>
    </li>
  );
}

/** JSON laid out; anything else as it came. */
function pretty(body: string): string {
  try {
    return JSON.stringify(JSON.parse(body), null, 2);
  } catch {
    return body === "" ? "(an empty body)" : body;
  }
}
