import { useMutation } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { Door } from "../account/Door";
import { answer, api } from "../api/client";
import { useNotices } from "../app/notices";
import { useAskSession, useSession } from "../app/useSession";
import { useWorkspace } from "../app/useWorkspace";
import { Inviting, useOffer } from "./Inviting";

/** Somebody who is signed in comes by a link. */
export function Invited({ token }: { token: string }) {
  const session = useSession();
  const offer = useOffer(token);
  const { go } = useWorkspace();
  const ask = useAskSession();
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const accept = useMutation({
    mutationFn: () => answer(api.POST("/api/invitations/{token}", { params: { path: { token } } })),
    onSuccess: (workspace) => {
      ask();
      go(workspace.id);
      say(`You are in ${workspace.name} now.`);
      void navigate("/", { replace: true });
    },
  });
  return (
    <Door
      say={<Inviting token={token} />}
      onSubmit={() => accept.mutate()}
      {...(offer.data ? { button: `Come in as ${session.data?.name ?? ""}` } : {})}
      busy={accept.isPending}
      trouble={accept.error?.message ?? ""}
      below={
        <Link className="underline" to="/">
          To the shelf
        </Link>
      }
    />
  );
}
