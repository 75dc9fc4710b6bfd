import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { CopyLink } from "./CopyLink";
import { dayOf, endOf, useMemberRoles } from "./usePeople";

type Wish = Schemas["InvitationWish"];

const STANDARD_DAYS = 7;

/** A link by which somebody comes in with a role. */
export function Invite({ workspace }: { workspace: string }) {
  const roles = useMemberRoles();
  const queries = useQueryClient();
  const [role, setRole] = useState<Wish["role"]>("DESIGNER");
  const [days, setDays] = useState(STANDARD_DAYS);
  const [day, setDay] = useState("");
  const [several, setSeveral] = useState(false);
  const invite = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/workspaces/{workspace}/invitations", {
          params: { path: { workspace } },
          body: { role, days, until: endOf(day), several },
        }),
      ),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["people"] }),
  });
  const chosen = roles.data?.find((one) => one.role === role);
  return (
    <form
      aria-label="Invite"
      className="mb-6 border-l-4 border-double border-rule pl-4"
      onSubmit={(event) => {
        event.preventDefault();
        invite.mutate();
      }}
    >
      <h2 className="mb-2">Invite by a link</h2>
      <div className="grid grid-cols-[auto_minmax(0,1fr)] items-center gap-x-3 gap-y-2">
        <label htmlFor="invite-role">Role</label>
        <select
          id="invite-role"
          className="field"
          value={role}
          aria-describedby="invite-may"
          onChange={(event) => setRole(event.target.value as Wish["role"])}
        >
          {roles.data?.map((one) => (
            <option key={one.role} value={one.role}>
              {one.title}: {one.is.toLowerCase()}
            </option>
          ))}
        </select>
        <label htmlFor="invite-days">The link works for</label>
        <span className="flex items-center gap-2">
          <input
            id="invite-days"
            type="number"
            className="field w-20"
            min={1}
            max={90}
            required
            value={days}
            onChange={(event) => setDays(event.target.valueAsNumber || 1)}
          />
          days
        </span>
        <label htmlFor="invite-until">Last day here</label>
        <span className="flex items-center gap-2">
          <input
            id="invite-until"
            type="date"
            className="field w-34"
            min={dayOf(new Date().toISOString())}
            value={day}
            onChange={(event) => setDay(event.target.value)}
          />
          <span className="text-faint">empty: stays</span>
        </span>
      </div>
      <label className="mt-2 flex items-center gap-2">
        <input type="checkbox" checked={several} onChange={(event) => setSeveral(event.target.checked)} />
        Several people may come by it
      </label>
      <p id="invite-may" className="my-2 text-faint">
        {chosen && `May ${chosen.may.join("; ")}.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <button className="btn btn-main" disabled={invite.isPending}>
          Make the link
        </button>
        {invite.data && <CopyLink link={invite.data.link} />}
      </div>
      {invite.data && (
        <input
          className="field mt-2 w-full"
          aria-label="Link of the invitation"
          readOnly
          value={invite.data.link}
          onFocus={(event) => event.target.select()}
        />
      )}
      <p role="alert" className="mt-1 text-live">
        {invite.error?.message}
      </p>
    </form>
  );
}
