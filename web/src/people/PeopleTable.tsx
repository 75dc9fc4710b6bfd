import { useState } from "react";
import { day } from "../app/dates";
import { answer, api, type Schemas } from "../api/client";
import { dayOf, endOf, usePeopleDeed, useMemberRoles, type People } from "./usePeople";

/** Everybody in the workspace; its owners change roles and last days, and take people out. */
export function PeopleTable({ people }: { people: People }) {
  return (
    <section aria-labelledby="people">
      <h2 id="people" className="mb-2">
        {people.people.length === 1 ? "Only you" : `${String(people.people.length)} people`}
      </h2>
      <ul className="ruled border-y border-rule">
        {people.people.map((person) => (
          <Line key={person.account} people={people} person={person} />
        ))}
      </ul>
    </section>
  );
}

function Line({ people, person }: { people: People; person: Schemas["WorkspaceMember"] }) {
  const owner = people.role === "OWNER";
  const you = person.account === people.you;
  const [asking, setAsking] = useState(false);
  const path = { workspace: people.id, account: person.account };
  const remove = usePeopleDeed(
    () => answer(api.DELETE("/api/workspaces/{workspace}/members/{account}", { params: { path } })),
    () => (you ? `You left ${people.name}.` : `${person.name} is not in ${people.name} any more.`),
  );
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1.5 py-2">
      <div className="min-w-40 flex-1">
        <b>{person.name}</b>
        {you && <span className="text-faint"> (you)</span>}
        <div className="truncate text-faint">{person.email}</div>
      </div>
      {owner ? (
        <Terms people={people} person={person} />
      ) : (
        <span className="text-faint">
          {person.role.toLowerCase()}
          {person.until && `, until ${day(person.until)}`}
        </span>
      )}
      {(owner || you) &&
        (asking ? (
          <span className="flex gap-2">
            <button className="btn border-live text-live" disabled={remove.isPending} onClick={() => remove.mutate({})}>
              {you ? "Leave now" : "Remove now"}
            </button>
            <button className="btn" onClick={() => setAsking(false)}>
              Keep
            </button>
          </span>
        ) : (
          <button
            className="btn"
            aria-label={you ? `Leave ${people.name}` : `Remove ${person.name}`}
            onClick={() => setAsking(true)}
          >
            {you ? "Leave" : "Remove"}
          </button>
        ))}
    </li>
  );
}

/** Role and last day, which change at once. */
function Terms({ people, person }: { people: People; person: Schemas["WorkspaceMember"] }) {
  const roles = useMemberRoles();
  const change = usePeopleDeed(
    (wish: Schemas["MemberWish"]) =>
      answer(
        api.PUT("/api/workspaces/{workspace}/members/{account}", {
          params: { path: { workspace: people.id, account: person.account } },
          body: wish,
        }),
      ),
    (wish) => `${person.name} is ${wish.role.toLowerCase()} now${wish.until ? `, until ${day(wish.until)}` : ""}.`,
  );
  const shown = change.isPending ? change.variables : person;
  return (
    <>
      <select
        className="field"
        aria-label={`Role of ${person.name}`}
        value={shown.role}
        disabled={change.isPending}
        onChange={(event) => change.mutate({ role: event.target.value as typeof person.role, until: person.until })}
      >
        {(roles.data ?? [{ role: person.role, title: person.role }]).map((role) => (
          <option key={role.role} value={role.role}>
            {role.title}
          </option>
        ))}
      </select>
      <label className="flex items-center gap-1.5 text-faint">
        until
        <input
          type="date"
          className="field w-34"
          aria-label={`Last day of ${person.name}`}
          min={dayOf(new Date().toISOString())}
          value={dayOf(shown.until)}
          disabled={change.isPending}
          onChange={(event) => change.mutate({ role: person.role, until: endOf(event.target.value) })}
        />
      </label>
    </>
  );
}
