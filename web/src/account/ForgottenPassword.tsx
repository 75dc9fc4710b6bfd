import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { useEnter } from "../app/useSession";
import { linkIn } from "../app/links";
import { Door } from "./Door";
import { NewPassword } from "./NewPassword";
import { TextField } from "./TextField";

/** In again by a recovery code, with another password. */
export function ForgottenPassword({ back }: { back: () => void }) {
  const [email, setEmail] = useState("");
  const [code, setCode] = useState("");
  const [password, setPassword] = useState("");
  const recover = useMutation({
    mutationFn: () => answer(api.POST("/api/recovery", { body: { email, code, password } })),
    onSuccess: useEnter(),
  });
  return (
    <Door
      say="Use one of the recovery codes that you wrote down. Without them, ask the steward of this installation for a link."
      onSubmit={() => recover.mutate()}
      button="Set the new password"
      busy={recover.isPending}
      trouble={recover.error?.message ?? ""}
      below={
        <button type="button" className="underline" onClick={back}>
          Back to sign-in
        </button>
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
        label="Recovery code, or the link from the steward"
        name="code"
        autoComplete="one-time-code"
        spellCheck={false}
        value={code}
        onText={(text) => {
          // A whole recovery link that is pasted here leads where it leads.
          const link = linkIn(text, "recover");
          if (link === "") setCode(text);
          else location.assign(link);
        }}
      />
      <NewPassword label="New password" name="" email={email} value={password} onText={setPassword} />
    </Door>
  );
}
