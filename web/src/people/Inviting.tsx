import { useQuery } from "@tanstack/react-query";
import { day } from "../app/dates";
import { answer, api } from "../api/client";

export function useOffer(token: string) {
  return useQuery({
    queryKey: ["invitation", token],
    queryFn: () => answer(api.GET("/api/invitations/{token}", { params: { path: { token } } })),
  });
}

/** Who invites where, in a sentence. */
export function Inviting({ token }: { token: string }) {
  const offer = useOffer(token);
  if (offer.error) return <span className="text-live">{offer.error.message}</span>;
  if (!offer.data) return null;
  const { by, workspace, role, memberUntil } = offer.data;
  return (
    <>
      {by} invites you to work in <b className="text-ink">{workspace}</b> as {role.toLowerCase()}
      {memberUntil && `, until ${day(memberUntil)}`}.
    </>
  );
}
