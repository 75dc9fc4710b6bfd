import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent, type ReactNode } from "react";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { Mark } from "../app/Mark";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useSession, useTakeSession, type Session } from "../app/useSession";
import { NewPassword } from "./NewPassword";
import { TextField } from "./TextField";

/** What somebody changes of their own account. */
export function AccountPage() {
  const session = useSession();
  if (!session.data) return <Trouble query={session} className="p-6" />;
  return (
    <main className="mx-auto max-w-3xl p-6">
      <header className="mb-5 flex items-center gap-3">
        <Mark size={26} />
        <h1>Account</h1>
        <span className="text-faint">Who you are here</span>
        <Link className="btn ml-auto" to="/">
          Shelf
        </Link>
      </header>
      <div className="grid gap-x-10 gap-y-6 sm:grid-cols-2">
        <Name session={session.data} />
        <Address session={session.data} />
        <Password session={session.data} />
        {session.data.steward && <Installation />}
      </div>
    </main>
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
  const taken = useTaken("Your address is changed. Sign in with it from now on.");
  const change = useMutation({
    mutationFn: () => answer(api.PUT("/api/account/address", { body: { present, email } })),
    onSuccess: (next) => {
      setPresent("");
      taken(next);
    },
    onError: sayProblem,
  });
  return (
    <Part title="Address" button="Change the address" busy={change.isPending} onSubmit={() => change.mutate()}>
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
      say("Your password is changed.");
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
  return <TextField label="Present password" type="password" autoComplete="current-password" {...props} />;
}

/** What the steward decides for everybody. */
function Installation() {
  const queries = useQueryClient();
  const [wanted, setWanted] = useState<boolean | null>(null);
  const installation = useQuery({
    queryKey: ["installation"],
    queryFn: () => answer(api.GET("/api/installation")),
  });
  const open = useMutation({
    mutationFn: (signUp: boolean) => answer(api.PUT("/api/installation", { body: { signUp } })),
    onSuccess: (next) => queries.setQueryData(["installation"], next),
    onError: sayProblem,
    onSettled: () => setWanted(null),
  });
  return (
    <section className="border-l-4 border-double border-rule pl-4" aria-label="This installation">
      <h2 className="mb-2">This installation</h2>
      <p className="mb-2 text-faint">You are its steward.</p>
      <Trouble query={installation} />
      {installation.data && (
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={wanted ?? installation.data.signUp}
            onChange={(event) => {
              setWanted(event.target.checked);
              open.mutate(event.target.checked);
            }}
          />
          Anybody may make an account
        </label>
      )}
    </section>
  );
}
