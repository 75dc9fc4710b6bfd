import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { KeyRound } from "lucide-react";
import { useState, type FormEvent } from "react";
import { answer, api } from "../api/client";
import { day } from "../app/dates";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { failure, hindrance, make } from "./passkey";
import { TextField } from "./TextField";

const KEY = ["passkeys"];

/** Keys on one's own devices, to sign in without the password. */
export function PasskeyList() {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [making, setMaking] = useState(false);
  const passkeys = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/account/passkeys")) });
  const remove = useMutation({
    mutationFn: (passkey: string) =>
      answer(api.DELETE("/api/account/passkeys/{passkey}", { params: { path: { passkey } } })),
    onSuccess: () => say("The passkey is removed. Remove it on its device too."),
    onError: sayProblem,
    onSettled: () => void queries.invalidateQueries({ queryKey: KEY }),
  });
  const why = hindrance();
  return (
    <section aria-labelledby="passkeys" className="border-l-4 border-double border-rule pl-4">
      <h2 id="passkeys" className="mb-2">
        Passkeys
      </h2>
      <p className="mb-2 text-faint">
        A key that a phone, computer or security key keeps: you sign in with face, finger or PIN, and nothing can be
        guessed or typed at a wrong place.
      </p>
      <Trouble query={passkeys} />
      {passkeys.data && passkeys.data.length > 0 && (
        <ul className="ruled mb-3 border-y border-rule">
          {passkeys.data.map((one) => (
            <li key={one.id} className="flex items-center gap-3 py-1.5">
              <KeyRound size={14} aria-hidden="true" className="shrink-0 text-faint" />
              <span className="min-w-0 flex-1">
                {one.label}
                <span className="text-faint">
                  , for {one.host}; since {day(one.since)}, last used {day(one.lastUsed)}
                </span>
              </span>
              <button
                className="btn"
                disabled={remove.isPending}
                aria-label={`Remove ${one.label}`}
                onClick={() => remove.mutate(one.id)}
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
      {why !== "" ? (
        <p className="text-faint">{why}</p>
      ) : making ? (
        <NewPasskey
          close={() => {
            setMaking(false);
            void queries.invalidateQueries({ queryKey: KEY });
          }}
        />
      ) : (
        <button className="btn" onClick={() => setMaking(true)}>
          Add a passkey
        </button>
      )}
    </section>
  );
}

function NewPasskey({ close }: { close: () => void }) {
  const [label, setLabel] = useState("This device");
  const [present, setPresent] = useState("");
  const [trouble, setTrouble] = useState("");
  const say = useNotices((state) => state.say);
  const add = useMutation({
    mutationFn: async () => {
      const question = await answer(api.POST("/api/account/passkeys/challenge", { body: { present } }));
      return answer(api.POST("/api/account/passkeys", { body: await make(question, label) }));
    },
    onSuccess: (made) => {
      say(`${made.label} can sign in from now on.`);
      close();
    },
    onError: (error) => setTrouble(failure(error)),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    setTrouble("");
    add.mutate();
  };
  return (
    <form onSubmit={submit} aria-label="New passkey">
      <TextField label="What it is called" maxLength={80} value={label} onText={setLabel} />
      <TextField
        label="Current password"
        type="password"
        autoComplete="current-password"
        value={present}
        onText={setPresent}
      />
      {trouble !== "" && (
        <p role="alert" className="mb-2 text-live">
          {trouble}
        </p>
      )}
      <div className="flex gap-2">
        <button className="btn btn-main" disabled={add.isPending}>
          {add.isPending ? "Waiting for the device …" : "Make it"}
        </button>
        <button type="button" className="btn" onClick={close}>
          Cancel
        </button>
      </div>
    </form>
  );
}
