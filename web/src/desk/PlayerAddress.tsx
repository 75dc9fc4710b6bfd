import { useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { Copied } from "../app/Copied";
import { useDeed } from "../app/useDeed";

const NAME = "Player";

/** Makes a pass that says what is heard and nothing else, with its address and a player to try it with. */
export function PlayerAddress({ show }: { show: string }) {
  const queries = useQueryClient();
  const make = useDeed(
    () => {
      const body: Schemas["PassWish"] = {
        name: NAME,
        goodTill: null,
        grants: [{ group: "TRACK", pieces: [], deeds: ["playTrack", "endTrack"] }],
      };
      return answer(api.POST("/api/shows/{show}/passes", { params: { path: { show } }, body }));
    },
    () => "The address for a player is ready.",
    [["passes", show]],
  );
  const line = make.data;
  if (!line) {
    return (
      <p className="mt-1 border-l-4 border-rule pl-2">
        A player, or a script that watches one, sends what it plays to an address of its own, which can do nothing else.{" "}
        <button
          className="btn"
          disabled={make.isPending}
          onClick={() => make.mutate(undefined, { onSuccess: () => void queries.invalidateQueries() })}
        >
          Make the address
        </button>
      </p>
    );
  }
  const token = line.link.slice(line.link.indexOf("#") + 1);
  const address = `${location.origin}/cues/${token}/track`;
  return (
    <div className="mt-1 border-l-4 border-rule pl-2">
      <Copied whole label="Address that the player sends to" text={address} />
      <pre className="overflow-x-auto whitespace-pre-wrap break-all">
        {`curl -X PUT '${address}' -H 'Content-Type: application/json' -d '{"title":"Curlews at low tide","artist":"Tove Sedge","position":12,"length":180,"playing":true}'`}
      </pre>
      <p className="text-faint">
        Send it with each change, or every few seconds; without a title nothing is heard. It is withdrawn under Passes.
      </p>
      <a className="underline" href={`/player#${token}`} target="_blank" rel="noreferrer">
        Try it with the practice player
      </a>
    </div>
  );
}
