import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { useDeed } from "../app/useDeed";
import { Copied } from "../app/Copied";
import type { Mapped } from "./MappedInlets";

type Signature = Schemas["Signature"];

/** How the other side proves that it sends: by the address alone, or by a signature in a header. */
export function SignatureFields(props: {
  channel: string;
  inlet: Mapped;
  signature: Signature;
  set: (signature: Signature) => void;
  secret: string;
  type: (secret: string) => void;
}) {
  const { channel, inlet, signature, set, secret, type } = props;
  const [shown, setShown] = useState("");
  const show = useDeed(
    () =>
      answer(
        api.GET("/api/channels/{channel}/mapped/{inlet}/secret", { params: { path: { channel, inlet: inlet.id } } }),
      ),
    (kept) => {
      setShown(kept.secret);
      return "";
    },
    [],
  );
  return (
    <fieldset className="mt-2 flex flex-col gap-1 border-t border-rule pt-2">
      <label className="flex items-center gap-2">
        <span className="w-24 shrink-0">Proved by</span>
        <select
          className="field"
          value={signature.method}
          onChange={(event) => set({ ...signature, method: event.target.value as Signature["method"] })}
        >
          <option value="ADDRESS">its secret address</option>
          <option value="HMAC_SHA256">HMAC-SHA-256 over the body</option>
        </select>
      </label>
      {signature.method === "HMAC_SHA256" && (
        <>
          <label className="flex items-center gap-2">
            <span className="w-24 shrink-0">In the header</span>
            <input
              className="field w-36 font-mono"
              maxLength={80}
              value={signature.header}
              onChange={(event) => set({ ...signature, header: event.target.value })}
            />
            <select
              className="field"
              aria-label="How it is written"
              value={signature.encoding}
              onChange={(event) => set({ ...signature, encoding: event.target.value as Signature["encoding"] })}
            >
              <option value="HEX">in hex</option>
              <option value="BASE64">in Base64</option>
            </select>
          </label>
          <label className="flex items-center gap-2">
            <span className="w-24 shrink-0">after</span>
            <input
              className="field w-36 font-mono"
              placeholder="nothing"
              maxLength={40}
              value={signature.prefix}
              onChange={(event) => set({ ...signature, prefix: event.target.value })}
            />
          </label>
          <label className="flex items-center gap-2">
            <span className="w-24 shrink-0">Their secret</span>
            <input
              className="field w-36"
              type="password"
              autoComplete="off"
              placeholder={inlet.given ? "kept; type another" : "where they give one"}
              maxLength={300}
              value={secret}
              onChange={(event) => type(event.target.value)}
            />
          </label>
          {shown === "" ? (
            <button className="btn self-start" onClick={() => show.mutate(undefined)}>
              Show the secret that holds
            </button>
          ) : (
            <Copied label="The secret that holds" text={shown} />
          )}
        </>
      )}
    </fieldset>
  );
}
