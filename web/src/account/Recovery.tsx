import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { moment } from "../app/dates";
import { sayProblem } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { TextField } from "./TextField";

const KEY = ["recovery"];

/** Codes for a lost password, and links that the steward issued for the same. */
export function Recovery() {
  const queries = useQueryClient();
  const [present, setPresent] = useState("");
  const state = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/account/recovery")) });
  const make = useMutation({
    mutationFn: () => answer(api.POST("/api/account/recovery/codes", { body: { present } })),
    onSuccess: () => {
      setPresent("");
      void queries.invalidateQueries({ queryKey: KEY });
    },
    onError: sayProblem,
    gcTime: 0,
  });
  return (
    <section aria-labelledby="recovery" className="border-l-4 border-double border-rule pl-4">
      <h2 id="recovery" className="mb-2">
        Recovery codes
      </h2>
      <Trouble query={state} />
      <p className="mb-2 text-faint">
        {state.data?.left
          ? `${String(state.data.left)} codes can still be used. Each lets you in once without your password.`
          : "You have none. With them you come in again when you forget your password."}
      </p>
      {state.data?.links.map((link) => (
        <p key={link.madeAt} className="mb-2 text-ochre">
          {link.by} issued a recovery link for you on {moment(link.madeAt)}
          {link.usedAt ? `; it was used on ${moment(link.usedAt)}.` : "; it was not used."}
        </p>
      ))}
      {make.data ? (
        <Codes codes={make.data.codes} done={() => make.reset()} />
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            make.mutate();
          }}
        >
          <TextField
            label="Current password"
            type="password"
            autoComplete="current-password"
            value={present}
            onText={setPresent}
          />
          <button className="btn" disabled={make.isPending}>
            {state.data?.left ? "Replace them by new ones" : "Make codes"}
          </button>
        </form>
      )}
    </section>
  );
}

/** Shown this once. */
function Codes({ codes, done }: { codes: string[]; done: () => void }) {
  return (
    <div className="codes">
      <p className="mb-2">Print them or write them down; they are not shown again.</p>
      <ol className="mb-3 grid grid-cols-1 gap-x-6 gap-y-1 font-mono">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ol>
      <div className="flex gap-2 print:hidden">
        <button className="btn" onClick={() => window.print()}>
          Print
        </button>
        <button className="btn" onClick={done}>
          I have them
        </button>
      </div>
    </div>
  );
}
