import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { useEnter, type Session } from "../app/useSession";
import { Inviting } from "../people/Inviting";
import { Door } from "./Door";
import { NewPassword } from "./NewPassword";
import { TextField } from "./TextField";

/**
 * @param first      whether it is the first account of this installation, and so its steward's
 * @param invitation by which somebody comes; empty for none
 */
export function MakeAccount(props: { first: boolean; invitation: string; back: () => void }) {
  const { first, invitation, back } = props;
  const [name, setName] = useState("");
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const enter = useEnter();
  const navigate = useNavigate();
  const make = useMutation({
    mutationFn: () => answer(api.POST("/api/accounts", { body: { name, email, password, invitation } })),
    onSuccess: (session: Session) => {
      // Where this browser was before was somebody else's.
      useWorkspaceId.getState().go("");
      // Whoever came by an invitation is in by now.
      if (invitation) void navigate("/", { replace: true });
      enter(session);
    },
  });
  return (
    <Door
      say={
        invitation ? (
          <Inviting token={invitation} />
        ) : first ? (
          "The first account here. It decides who else may come in."
        ) : (
          "Your own account, with a workspace of your own."
        )
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
      <TextField
        label="Email address"
        type="email"
        name="email"
        autoComplete="username"
        value={email}
        onText={setEmail}
      />
      <NewPassword label="Password" name={name} email={email} value={password} onText={setPassword} />
    </Door>
  );
}
