import { day } from "../app/dates";
import { answer, api } from "../api/client";
import { CopyLink } from "./CopyLink";
import { usePeopleDeed, type People } from "./usePeople";

/** Invitations that still work. */
export function Pending({ people }: { people: People }) {
  const withdraw = usePeopleDeed(
    (invitation: string) =>
      answer(
        api.DELETE("/api/workspaces/{workspace}/invitations/{invitation}", {
          params: { path: { workspace: people.id, invitation } },
        }),
      ),
    () => "That invitation does not work any more.",
  );
  if (people.invitations.length === 0) return null;
  return (
    <section aria-labelledby="pending" className="mt-6">
      <h2 id="pending" className="mb-2">
        Invitations that still work
      </h2>
      <ul className="ruled border-y border-rule">
        {people.invitations.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-x-3 gap-y-1.5 py-2">
            <div className="min-w-40 flex-1">
              As {one.role.toLowerCase()}
              {one.memberUntil && `, until ${day(one.memberUntil)}`}
              <div className="text-faint">
                {one.several ? `for several, ${String(one.used)} came` : "for one"}; by {one.by}; works until{" "}
                {day(one.until)}
              </div>
            </div>
            <CopyLink link={one.link} />
            <button className="btn" disabled={withdraw.isPending} onClick={() => withdraw.mutate(one.id)}>
              Withdraw
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
