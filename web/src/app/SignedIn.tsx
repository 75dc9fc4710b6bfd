import { useQuery } from "@tanstack/react-query";
import { useEffect, useState, type ReactNode } from "react";
import { useLocation } from "react-router";
import { ForgottenPassword } from "../account/ForgottenPassword";
import { MakeAccount } from "../account/MakeAccount";
import { RecoverByLink } from "../account/RecoverByLink";
import { SignIn } from "../account/SignIn";
import { answer, api, Problem } from "../api/client";
import { live } from "../api/live";
import { Invited } from "../people/Invited";
import { useAskSession, useSession } from "./useSession";

/** Shows its children to somebody who is signed in, and the way in to everybody else. */
export function SignedIn({ children }: { children: ReactNode }) {
  const session = useSession();
  const { pathname } = useLocation();
  const recovery = /^\/recover\/([^/]+)$/.exec(pathname)?.[1];
  const invitation = /^\/join\/([^/]+)$/.exec(pathname)?.[1] ?? "";
  if (session.isPending) return null;
  if (recovery) return <RecoverByLink token={recovery} />;
  if (session.error || !session.data) {
    const unknown = session.error instanceof Problem && session.error.status === 401;
    const ended = unknown && session.data !== undefined ? "Your session has ended. Sign in again." : "";
    return <WayIn trouble={unknown ? ended : (session.error?.message ?? "")} invitation={invitation} />;
  }
  return (
    <>
      <Rights />
      {invitation ? <Invited token={invitation} /> : children}
    </>
  );
}

/** What somebody may do changes on open pages too, and so does whether they are signed in at all. */
function Rights() {
  const ask = useAskSession();
  useEffect(() => live.onRights(ask), [ask]);
  return null;
}

function WayIn({ trouble, invitation }: { trouble: string; invitation: string }) {
  const [way, setWay] = useState<"in" | "new" | "forgotten">(invitation ? "new" : "in");
  const welcome = useQuery({ queryKey: ["welcome"], queryFn: () => answer(api.GET("/api/welcome")) });
  const back = () => setWay("in");
  if (way === "forgotten") return <ForgottenPassword back={back} />;
  if (way === "new" && welcome.data) {
    return <MakeAccount first={welcome.data.first} invitation={invitation} back={back} />;
  }
  return (
    <SignIn
      trouble={trouble}
      make={welcome.data?.signUp || invitation ? () => setWay("new") : null}
      forgotten={() => setWay("forgotten")}
    />
  );
}
