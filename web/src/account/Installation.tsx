import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useAskSession, useTakeSession } from "../app/useSession";
import { Tick } from "../app/Tick";
import { CopyLink } from "../people/CopyLink";
import { TextField } from "./TextField";

/** What the steward decides for everybody, and whom they help. */
export function Installation() {
  return (
    <section className="border-l-4 border-double border-rule pl-4 sm:col-span-2" aria-label="This installation">
      <h2 className="mb-2">This installation</h2>
      <p className="mb-2 text-faint">You are its steward: you see to who comes in, and help who cannot.</p>
      <SignUp />
      <Demo />
      <Accounts />
    </section>
  );
}

function SignUp() {
  const queries = useQueryClient();
  const installation = useQuery({
    queryKey: ["installation"],
    queryFn: () => answer(api.GET("/api/installation")),
  });
  const open = useMutation({
    mutationFn: (signUp: boolean) => answer(api.PUT("/api/installation", { body: { signUp } })),
    onSuccess: (next) => queries.setQueryData(["installation"], next),
    onError: sayProblem,
  });
  return (
    <>
      <Trouble query={installation} />
      {installation.data && (
        <label className="mb-3 flex items-center gap-2">
          <Tick stored={installation.data.signUp} send={(signUp) => open.mutateAsync(signUp)} />
          Anybody may make an account; otherwise by invitation
        </label>
      )}
    </>
  );
}

/** The example workspace, for everybody to try things on. */
function Demo() {
  const queries = useQueryClient();
  const ask = useAskSession();
  const [asking, setAsking] = useState(false);
  const demo = useQuery({ queryKey: ["demo"], queryFn: () => answer(api.GET("/api/installation/demo")) });
  const put = useMutation({
    mutationFn: (present: boolean) => answer(api.PUT("/api/installation/demo", { body: { present } })),
    onSuccess: (next) => {
      setAsking(false);
      queries.setQueryData(["demo"], next);
      void queries.invalidateQueries({ queryKey: ["accounts"] });
      ask();
    },
    onError: sayProblem,
  });
  return (
    <div className="mb-3 flex flex-wrap items-center gap-2">
      <Trouble query={demo} />
      {demo.data && (
        <>
          <span>
            {demo.data.present
              ? "The demo, Reedlight Hide, is a workspace of yours."
              : "The demo, Reedlight Hide, is put away."}
          </span>
          {asking ? (
            <>
              <span className="text-faint">Everything that was done in it goes.</span>
              <button className="btn border-live text-live" disabled={put.isPending} onClick={() => put.mutate(false)}>
                Put it away now
              </button>
              <button className="btn" onClick={() => setAsking(false)}>
                Keep it
              </button>
            </>
          ) : (
            <button
              className="btn"
              disabled={put.isPending}
              onClick={() => (demo.data.present ? setAsking(true) : put.mutate(true))}
            >
              {put.isPending ? "Bringing it …" : demo.data.present ? "Put it away …" : "Bring it back"}
            </button>
          )}
        </>
      )}
    </div>
  );
}

function Accounts() {
  const accounts = useQuery({
    queryKey: ["accounts"],
    queryFn: () => answer(api.GET("/api/installation/accounts")),
  });
  return (
    <>
      <Trouble query={accounts} />
      {accounts.data && (
        <ul className="ruled border-y border-rule">
          {accounts.data.map((one) => (
            <Line key={one.account} account={one} />
          ))}
        </ul>
      )}
    </>
  );
}

function Line({ account }: { account: Schemas["ListedAccount"] }) {
  const [giving, setGiving] = useState(false);
  const issue = useMutation({
    mutationFn: () => answer(api.POST("/api/installation/recoveries", { body: { account: account.account } })),
    onError: sayProblem,
    gcTime: 0,
  });
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1.5 py-2">
      <div className="min-w-40 flex-1">
        <b>{account.name}</b>
        {account.steward && <span className="text-faint"> (you, the steward)</span>}
        {account.demo && <span className="text-faint"> (the demo&rsquo;s)</span>}
        <div className="truncate text-faint">{account.email}</div>
      </div>
      {!account.demo && !account.steward && (
        <>
          {issue.data ? (
            <CopyLink link={issue.data.link} />
          ) : (
            <button
              className="btn"
              disabled={issue.isPending}
              title="Works once, for a day. They see that you issued it."
              aria-label={`Recovery link for ${account.name}`}
              onClick={() => issue.mutate()}
            >
              Recovery link
            </button>
          )}
          <button className="btn" aria-label={`Make ${account.name} the steward`} onClick={() => setGiving(!giving)}>
            Make steward
          </button>
        </>
      )}
      {giving && <HandOver account={account} close={() => setGiving(false)} />}
    </li>
  );
}

function HandOver({ account, close }: { account: Schemas["ListedAccount"]; close: () => void }) {
  const [present, setPresent] = useState("");
  const queries = useQueryClient();
  const take = useTakeSession();
  const give = useMutation({
    mutationFn: () => answer(api.PUT("/api/installation/steward", { body: { present, account: account.account } })),
    onSuccess: (session) => {
      close();
      take(session);
      void queries.invalidateQueries({ queryKey: ["accounts"] });
    },
    onError: sayProblem,
  });
  return (
    <form
      className="w-full"
      onSubmit={(event) => {
        event.preventDefault();
        give.mutate();
      }}
    >
      <p className="mb-2">
        {account.name} becomes the steward, and you are not it any more. Only they can give it back.
      </p>
      <TextField
        label="Current password"
        type="password"
        autoComplete="current-password"
        value={present}
        onText={setPresent}
      />
      <div className="flex gap-2">
        <button className="btn border-live text-live" disabled={give.isPending}>
          Hand over
        </button>
        <button type="button" className="btn" onClick={close}>
          Stay the steward
        </button>
      </div>
    </form>
  );
}
