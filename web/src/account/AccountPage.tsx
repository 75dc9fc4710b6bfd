import { useMutation } from "@tanstack/react-query";
import { useState, type FormEvent, type ReactNode } from "react";
import { answer, api } from "../api/client";
import { Home } from "../app/Home";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useSession, useTakeSession, type Session } from "../app/useSession";
import { SignedInAt } from "./SignedInAt";
import { DeleteAccount } from "./DeleteAccount";
import { Installation } from "./Installation";
import { NewPassword } from "./NewPassword";
import { PasskeyList } from "./PasskeyList";
import { Recovery } from "./Recovery";
import { TextField } from "./TextField";

/** What somebody changes of their own account. */
export function AccountPage() {
  const session = useSession();
  if (!session.data) return <Trouble query={session} className="p-6" />;
  const { demo, steward } = session.data;
  return (
    <Home title="Account" says="Who you are here">
      {demo && (
        <p className="mb-5 border-l-4 border-ochre bg-ochre-soft p-3">
          This is the demo&rsquo;s account, whose password everybody knows. It cannot be changed.
        </p>
      )}
      <div className="grid gap-x-10 gap-y-6 sm:grid-cols-2">
        {!demo && (
          <>
            <Name session={session.data} />
            <Address session={session.data} />
            <Password session={session.data} />
            <PasskeyList />
            <Recovery />
          </>
        )}
        {steward && <Installation />}
        <SignedInAt />
        {!demo && <DeleteAccount />}
      </div>
    </Home>
  );
}

function Part(props: { title: string; button: string; busy: boolean; onSubmit: () => void; children: ReactNode }) {
  const submit = (event: FormEvent) => {
    event.preventDefault();
    props.onSubmit();
  };
  return (
    <form onSubmit={submit} aria-label={props.title} className="border-l-4 border-double border-rule pl-4">
      <h2 className="mb-2">{props.title}</h2>
      {props.children}
      <button className="btn" disabled={props.busy}>
        {props.button}
      </button>
    </form>
  );
}

/** Takes the session as it is after a change, and says so. */
function useTaken(words: string): (session: Session) => void {
  const take = useTakeSession();
  const say = useNotices((state) => state.say);
  return (session) => {
    take(session);
    say(words);
  };
}

function Name({ session }: { session: Session }) {
  const [name, setName] = useState(session.name);
  const taken = useTaken("Your name is changed.");
  const change = useMutation({
    mutationFn: () => answer(api.PUT("/api/account/name", { body: { name } })),
    onSuccess: taken,
    onError: sayProblem,
  });
  return (
    <Part title="Name" button="Change the name" busy={change.isPending} onSubmit={() => change.mutate()}>
      <TextField label="As others see it" autoComplete="name" maxLength={80} value={name} onText={setName} />
    </Part>
  );
}

function Address({ session }: { session: Session }) {
  const [email, setEmail] = useState(session.email);
  const [present, setPresent] = useState("");
  const taken = useTaken("Your email address is changed. Sign in with it from now on.");
  const change = useMutation({
    mutationFn: () => answer(api.PUT("/api/account/address", { body: { present, email } })),
    onSuccess: (next) => {
      setPresent("");
      taken(next);
    },
    onError: sayProblem,
  });
  return (
    <Part
      title="Email address"
      button="Change the email address"
      busy={change.isPending}
      onSubmit={() => change.mutate()}
    >
      <TextField label="To sign in with" type="email" autoComplete="username" value={email} onText={setEmail} />
      <Present value={present} onText={setPresent} />
    </Part>
  );
}

function Password({ session }: { session: Session }) {
  const [present, setPresent] = useState("");
  const [next, setNext] = useState("");
  const say = useNotices((state) => state.say);
  const change = useMutation({
    mutationFn: () => answer(api.PUT("/api/account/password", { body: { present, next } })),
    onSuccess: () => {
      setPresent("");
      setNext("");
      say("Your password is changed, and every other session has ended.");
    },
    onError: sayProblem,
  });
  return (
    <Part title="Password" button="Change the password" busy={change.isPending} onSubmit={() => change.mutate()}>
      <Present value={present} onText={setPresent} />
      <NewPassword label="New password" name={session.name} email={session.email} value={next} onText={setNext} />
    </Part>
  );
}

function Present(props: { value: string; onText: (text: string) => void }) {
  return <TextField label="Current password" type="password" autoComplete="current-password" {...props} />;
}
