import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { useTakeSession } from "../app/useSession";
import { Door } from "./Door";
import { NewPassword } from "./NewPassword";
import { TextField } from "./TextField";

/** @param first whether it is the first account of this installation, and so its steward's */
export function MakeAccount({ first, back }: { first: boolean; back: () => void }) {
  const [name, setName] = useState("");
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const make = useMutation({
    mutationFn: () => answer(api.POST("/api/accounts", { body: { name, email, password } })),
    onSuccess: useTakeSession(),
  });
  return (
    <Door
      say={
        first
          ? "The first account here. It decides who else may come in."
          : "Your own account, with a workspace of your own."
      }
      onSubmit={() => make.mutate()}
      button="Make the account"
      busy={make.isPending}
      trouble={make.error?.message ?? ""}
      below={
        <button type="button" className="underline" onClick={back}>
          I have an account
        </button>
      }
    >
      <TextField label="Name" name="name" autoComplete="name" autoFocus maxLength={80} value={name} onText={setName} />
      <TextField label="Address" type="email" name="email" autoComplete="username" value={email} onText={setEmail} />
      <NewPassword label="Password" name={name} email={email} value={password} onText={setPassword} />
    </Door>
  );
}
