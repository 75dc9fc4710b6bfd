import { useState } from "react";
import type { Schemas } from "../api/client";
import type { DeskView } from "./door";
import type { PassLine } from "./Passes";

type Group = Schemas["GroupChoice"];
type Grant = Schemas["Grant"];

/** How long a pass may be good; hours, 0 for as long as nobody withdraws it. */
const TIMES = [
  [4, "4 hours"],
  [12, "12 hours"],
  [24 * 7, "a week"],
  [0, "until I withdraw it"],
] as const;

/** Ticks what may be done with a pass: by group, by single deed, and on which pieces. */
export function PassForm({
  groups,
  controls,
  pass,
  busy,
  cancel,
  save,
}: {
  groups: Group[];
  controls: DeskView["controls"];
  pass: PassLine | null;
  busy: boolean;
  cancel: () => void;
  save: (wish: Schemas["PassWish"]) => void;
}) {
  const [name, setName] = useState(pass?.name ?? "");
  const [grants, setGrants] = useState<Grant[]>(pass?.grants ?? []);
  const [hours, setHours] = useState<number | "kept">(pass ? "kept" : 12);
  const grantOf = (group: Group) => grants.find((one) => one.group === group.id);
  const put = (group: Group, next: Partial<Grant> | null) => {
    const others = grants.filter((one) => one.group !== group.id);
    const before = grantOf(group) ?? { group: group.id, deeds: [], pieces: [] };
    setGrants(next === null ? others : [...others, { ...before, ...next }]);
  };
  const wish = (): Schemas["PassWish"] => ({
    name: name.trim(),
    grants,
    goodTill:
      hours === "kept"
        ? (pass?.goodTill ?? null)
        : hours === 0
          ? null
          : new Date(Date.now() + hours * 3_600_000).toISOString(),
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        save(wish());
      }}
    >
      <div className="mb-3 flex flex-wrap gap-3">
        <label className="flex min-w-48 flex-1 flex-col text-faint">
          Who it is for
          <input
            className="field"
            maxLength={60}
            required
            autoFocus
            placeholder="Name, or “button deck”"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <label className="flex flex-col text-faint">
          Good for
          <select
            className="field"
            value={String(hours)}
            onChange={(event) => setHours(event.target.value === "kept" ? "kept" : Number(event.target.value))}
          >
            {pass && <option value="kept">as it was</option>}
            {TIMES.map(([time, words]) => (
              <option key={time} value={time}>
                {words}
              </option>
            ))}
          </select>
        </label>
      </div>
      <fieldset>
        <legend className="font-bold">What may be done with it</legend>
        <ul className="ruled">
          {groups.map((group) => (
            <GroupLine
              key={group.id}
              group={group}
              grant={grantOf(group)}
              pieces={about(group, controls)}
              put={(next) => put(group, next)}
            />
          ))}
        </ul>
      </fieldset>
      <div className="mt-3 flex gap-1.5">
        <button className="btn btn-main" disabled={busy || grants.length === 0 || name.trim() === ""}>
          {pass ? "Change the pass" : "Make the pass"}
        </button>
        <button type="button" className="btn" onClick={cancel}>
          Cancel
        </button>
        {grants.length === 0 && <span className="self-center text-faint">Tick at least one thing.</span>}
      </div>
    </form>
  );
}

function GroupLine({
  group,
  grant,
  pieces,
  put,
}: {
  group: Group;
  grant: Grant | undefined;
  pieces: DeskView["controls"];
  put: (next: Partial<Grant> | null) => void;
}) {
  const whole = grant?.deeds.length === 0;
  const toggle = (list: string[], one: string) =>
    list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
  return (
    <li className="py-1">
      <label className="flex min-h-8 items-center gap-2 font-bold">
        <input
          type="checkbox"
          checked={grant !== undefined}
          onChange={(event) => put(event.target.checked ? { deeds: [], pieces: [] } : null)}
        />
        {group.title}
      </label>
      {grant && (
        <div className="ml-6">
          <div className="flex flex-wrap gap-x-3">
            {group.deeds.map((deed) => (
              <label key={deed.id} className="flex min-h-8 items-center gap-1.5">
                <input
                  type="checkbox"
                  aria-label={`${group.title}: ${deed.words}`}
                  checked={whole || grant.deeds.includes(deed.id)}
                  onChange={() => {
                    const all = group.deeds.map((one) => one.id);
                    const next = toggle(whole ? all : grant.deeds, deed.id);
                    if (next.length === 0) put(null);
                    else put({ deeds: next.length === all.length ? [] : next });
                  }}
                />
                {deed.words}
              </label>
            ))}
          </div>
          {pieces.length > 1 && (
            <div className="flex flex-wrap gap-x-3 text-faint">
              <span className="self-center">on</span>
              {pieces.map((piece) => (
                <label key={piece.piece} className="flex min-h-8 items-center gap-1.5">
                  <input
                    type="checkbox"
                    aria-label={`${group.title} on ${piece.name}`}
                    checked={grant.pieces.length === 0 || grant.pieces.includes(piece.piece)}
                    onChange={() => {
                      const all = pieces.map((one) => one.piece);
                      const next = toggle(grant.pieces.length === 0 ? all : grant.pieces, piece.piece);
                      if (next.length === 0) put(null);
                      else put({ pieces: next.length === all.length ? [] : next });
                    }}
                  />
                  {piece.name}
                </label>
              ))}
            </div>
          )}
        </div>
      )}
    </li>
  );
}

/** The pieces on which a group's deeds can be done. */
function about(group: Group, controls: DeskView["controls"]): DeskView["controls"] {
  switch (group.id) {
    case "CLOCKS":
      return controls.filter((one) => one.dial);
    case "COUNTS":
      return controls.filter((one) => one.tallies.length > 0);
    case "CARDS":
      return controls.filter((one) => one.deck);
    case "POINTS":
      return controls.filter((one) => one.orders.length > 0);
    case "LINES":
      return controls.filter((one) => one.added);
    case "WORDS":
      return controls.filter((one) => one.lines.length > 0);
    case "SIGHT":
      return controls;
    case "BREAK":
    case "NOTICES":
    case "SEQUENCES":
    case "ALERTS":
    case "VIEWERS":
    case "STATE":
    case "REQUESTS":
    case "TRACK":
      return [];
  }
}
