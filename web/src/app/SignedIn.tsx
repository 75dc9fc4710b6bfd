import { useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { MakeAccount } from "../account/MakeAccount";
import { SignIn } from "../account/SignIn";
import { answer, api, Problem } from "../api/client";
import { useSession } from "./useSession";

/** Shows its children to somebody who is signed in, and the way in to everybody else. */
export function SignedIn({ children }: { children: ReactNode }) {
  const session = useSession();
  if (session.isPending) return null;
  if (session.error) {
    const unknown = session.error instanceof Problem && session.error.status === 401;
    return <WayIn trouble={unknown ? "" : session.error.message} />;
  }
  return children;
}

function WayIn({ trouble }: { trouble: string }) {
  const [making, setMaking] = useState(false);
  const welcome = useQuery({ queryKey: ["welcome"], queryFn: () => answer(api.GET("/api/welcome")) });
  if (making && welcome.data) return <MakeAccount first={welcome.data.first} back={() => setMaking(false)} />;
  return <SignIn trouble={trouble} make={welcome.data?.signUp ? () => setMaking(true) : null} />;
}
