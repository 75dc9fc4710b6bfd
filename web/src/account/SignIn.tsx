import { useMutation } from "@tanstack/react-query";
import { KeyRound } from "lucide-react";
import { useState } from "react";
import { answer, api } from "../api/client";
import { useEnter } from "../app/useSession";
import { Door } from "./Door";
import { failure, hindrance, sign } from "./passkey";
import { TextField } from "./TextField";

/** @param make leads to making an account, where that is possible */
export function SignIn({
  trouble,
  make,
  forgotten,
}: {
  trouble: string;
  make: (() => void) | null;
  forgotten: () => void;
}) {
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const [standing, setStanding] = useState(false);
  const signIn = useMutation({
    mutationFn: async (way: "password" | "passkey") => {
      if (way === "password") return answer(api.POST("/api/session", { body: { email, password, standing } }));
      const question = await answer(api.POST("/api/session/passkey/challenge"));
      return answer(api.POST("/api/session/passkey", { body: { signed: await sign(question), standing } }));
    },
    onSuccess: useEnter(),
  });
  const waits = signIn.isPending && signIn.variables === "passkey";
  return (
    <Door
      say="One look over everything that viewers see."
      onSubmit={() => signIn.mutate("password")}
      button="Sign in"
      busy={signIn.isPending && !waits}
      trouble={signIn.error ? failure(signIn.error) : trouble}
      beside={
        hindrance() === "" && (
          <button type="button" className="btn" disabled={waits} onClick={() => signIn.mutate("passkey")}>
            <KeyRound size={14} aria-hidden="true" />
            {waits ? "Waiting for the passkey …" : "With a passkey"}
          </button>
        )
      }
      below={
        <div className="flex justify-between gap-3">
          <button type="button" className="underline" onClick={forgotten}>
            I forgot my password
          </button>
          {make && (
            <button type="button" className="underline" onClick={make}>
              Make an account
            </button>
          )}
        </div>
      }
    >
      <TextField
        label="Email address"
        type="email"
        name="email"
        autoComplete="username"
        autoFocus
        value={email}
        onText={setEmail}
      />
      <TextField
        label="Password"
        type="password"
        name="password"
        autoComplete="current-password"
        value={password}
        onText={setPassword}
      />
      <label className="mb-4 flex items-center gap-2">
        <input type="checkbox" checked={standing} onChange={(event) => setStanding(event.target.checked)} />
        Stay signed in here for 30 days
      </label>
    </Door>
  );
}
