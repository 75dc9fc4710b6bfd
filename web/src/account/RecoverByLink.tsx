import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { useEnter, type Session } from "../app/useSession";
import { Door } from "./Door";
import { NewPassword } from "./NewPassword";

/** In again by a link from the steward, with another password. */
export function RecoverByLink({ token }: { token: string }) {
  const [password, setPassword] = useState("");
  const enter = useEnter();
  const navigate = useNavigate();
  const link = useQuery({
    queryKey: ["recovery", token],
    queryFn: () => answer(api.GET("/api/recovery/{token}", { params: { path: { token } } })),
    staleTime: Infinity,
  });
  const recover = useMutation({
    mutationFn: () => answer(api.POST("/api/recovery/{token}", { params: { path: { token } }, body: { password } })),
    onSuccess: (session: Session) => {
      void navigate("/", { replace: true });
      enter(session);
    },
  });
  const home = (
    <Link className="underline" to="/">
      Back to sign-in
    </Link>
  );
  if (link.isPending) return null;
  if (link.error) return <Door say={link.error.message} trouble="" below={home} />;
  return (
    <Door
      say={`Choose a new password for ${link.data.name}. Whoever is signed in with the old one is signed out.`}
      onSubmit={() => recover.mutate()}
      button="Set the new password"
      busy={recover.isPending}
      trouble={recover.error?.message ?? ""}
      below={home}
    >
      <NewPassword label="New password" name={link.data.name} email="" value={password} onText={setPassword} />
    </Door>
  );
}
