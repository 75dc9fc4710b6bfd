import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { useTakeSession } from "../app/useSession";
import { Door } from "./Door";
import { TextField } from "./TextField";

/** @param make leads to making an account, where that is possible */
export function SignIn({ trouble, make }: { trouble: string; make: (() => void) | null }) {
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const signIn = useMutation({
    mutationFn: () => answer(api.POST("/api/session", { body: { email, password } })),
    onSuccess: useTakeSession(),
  });
  return (
    <Door
      say="One look over everything that viewers see."
      onSubmit={() => signIn.mutate()}
      button="Sign in"
      busy={signIn.isPending}
      trouble={signIn.error?.message ?? trouble}
      below={
        make && (
          <button type="button" className="underline" onClick={make}>
            Make an account
          </button>
        )
      }
    >
      <TextField
        label="Address"
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
    </Door>
  );
}
