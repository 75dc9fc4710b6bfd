import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent, type ReactNode } from "react";
import { answer, api, Problem } from "../api/client";
import { Mark } from "./Mark";

/** Shows its children to somebody who is signed in, and the sign-in page to everybody else. */
export function SignedIn({ children }: { children: ReactNode }) {
  const session = useQuery({
    queryKey: ["session"],
    queryFn: () => answer(api.GET("/api/session")),
    staleTime: Infinity,
  });
  if (session.isPending) return null;
  if (session.error) {
    const unknown = session.error instanceof Problem && session.error.status === 401;
    return <SignInPage trouble={unknown ? "" : session.error.message} />;
  }
  return children;
}

function SignInPage({ trouble }: { trouble: string }) {
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const queries = useQueryClient();
  const signIn = useMutation({
    mutationFn: () => answer(api.POST("/api/session", { body: { email, password } })),
    onSuccess: (session) => queries.setQueryData(["session"], session),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate();
  };
  return (
    <main className="grid h-full place-items-center">
      <form onSubmit={submit} className="w-80 border-l-4 border-double border-rule bg-sheet p-6">
        <div className="mb-1 flex items-center gap-2">
          <Mark size={22} />
          <h1>Brandeon</h1>
        </div>
        <p className="mb-4 text-faint">One look over everything that viewers see.</p>
        <label className="mb-3 block">
          Address
          <input
            className="field mt-1 w-full"
            type="email"
            name="email"
            autoComplete="username"
            autoFocus
            required
            value={email}
            onChange={(e) => setEmail(e.target.value)}
          />
        </label>
        <label className="mb-4 block">
          Password
          <input
            className="field mt-1 w-full"
            type="password"
            name="password"
            autoComplete="current-password"
            required
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
        </label>
        <button className="btn btn-main" disabled={signIn.isPending}>
          Sign in
        </button>
        <p role="alert" className="mt-3 min-h-5 text-live">
          {signIn.error?.message ?? trouble}
        </p>
      </form>
    </main>
  );
}
