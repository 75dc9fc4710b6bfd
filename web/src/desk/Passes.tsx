import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Copied } from "../app/Copied";
import { LinkCode } from "../app/LinkCode";
import { Trouble } from "../app/Trouble";
import { useDeed } from "../app/useDeed";
import type { DeskView } from "./door";
import { PassForm } from "./PassForm";

export type PassLine = Schemas["PassLine"];

const LOOKS = 3000;

/** Who may do some of what the show takes, by a link; given, changed and withdrawn here. */
export function Passes({ show, controls }: { show: string; controls: DeskView["controls"] }) {
  const params = { path: { show } };
  const passes = useQuery({
    queryKey: ["passes", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/passes", { params })),
    refetchInterval: LOOKS,
  });
  const [editing, setEditing] = useState<PassLine | "new" | null>(null);
  const touched = [["passes", show]];
  const save = useDeed(
    ({ pass, wish }: { pass: string; wish: Schemas["PassWish"] }) =>
      pass === ""
        ? answer(api.POST("/api/shows/{show}/passes", { params, body: wish }))
        : answer(api.PUT("/api/shows/{show}/passes/{pass}", { params: { path: { show, pass } }, body: wish })),
    (done, { pass }) => (pass === "" ? `The pass of ${done.name} is ready.` : `The pass of ${done.name} was changed.`),
    touched,
  );
  const withdraw = useDeed(
    (pass: PassLine) =>
      answer(api.DELETE("/api/shows/{show}/passes/{pass}", { params: { path: { show, pass: pass.id } } })),
    (_, pass) => `The pass of ${pass.name} is withdrawn.`,
    touched,
  );
  if (!passes.data) return passes.error ? <Trouble query={passes} /> : <p className="text-faint">Loading …</p>;
  const good = passes.data.passes.filter((pass) => pass.good);
  const over = passes.data.passes.filter((pass) => !pass.good);
  if (editing !== null) {
    return (
      <PassForm
        groups={passes.data.groups}
        controls={controls}
        pass={editing === "new" ? null : editing}
        busy={save.isPending}
        cancel={() => setEditing(null)}
        save={(wish) =>
          save.mutate({ pass: editing === "new" ? "" : editing.id, wish }, { onSuccess: () => setEditing(null) })
        }
      />
    );
  }
  return (
    <>
      <p className="mb-2 max-w-[70ch] text-faint">
        A pass is a link with which somebody can do exactly what you ticked, from a phone, a side panel or a button
        deck: without an account, and without seeing anything else.
      </p>
      <button className="btn btn-main mb-2" onClick={() => setEditing("new")}>
        Give a pass
      </button>
      <Trouble query={passes} />
      {good.length === 0 && <p className="text-faint">Nobody has a pass.</p>}
      <ul className="ruled">
        {good.map((pass) => (
          <Line
            key={pass.id}
            pass={pass}
            groups={passes.data.groups}
            edit={() => setEditing(pass)}
            withdraw={() => withdraw.mutate(pass)}
          />
        ))}
      </ul>
      <details className="mt-2">
        <summary className="flex min-h-8 cursor-pointer items-center text-faint">My own desk on another device</summary>
        <div className="flex flex-wrap gap-3">
          <LinkCode link={passes.data.desk} size={208} />
          <div className="min-w-56 flex-1">
            <code className="select-all break-all">{passes.data.desk}</code>
            <Reach address={passes.data.desk} />
            <p className="text-faint">Sign in there with your own account.</p>
          </div>
        </div>
      </details>
      {over.length > 0 && (
        <details className="mt-2">
          <summary className="flex min-h-8 cursor-pointer items-center text-faint">
            {over.length} that {over.length === 1 ? "is" : "are"} good for nothing any more
          </summary>
          <ul className="ruled text-faint">
            {over.map((pass) => (
              <li key={pass.id} className="py-1">
                {pass.name}, {pass.withdrawn ? "withdrawn" : "its time is over"}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Line({
  pass,
  groups,
  edit,
  withdraw,
}: {
  pass: PassLine;
  groups: Schemas["GroupChoice"][];
  edit: () => void;
  withdraw: () => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <li className="py-2" aria-label={`Pass of ${pass.name}`}>
      <div className="flex flex-wrap items-center gap-1.5">
        <b className="min-w-24">{pass.name}</b>
        <span className="min-w-40 flex-1 text-faint">
          {pass.grants.map((grant) => given(grant, groups)).join("; ")}
          {pass.goodTill &&
            `, until ${new Date(pass.goodTill).toLocaleString([], { dateStyle: "short", timeStyle: "short" })}`}
        </span>
        <span className={pass.on.length > 0 ? "font-bold text-kelp" : "text-faint"} role="status">
          {pass.on.length > 0
            ? `On it now: ${pass.on.join(", ")}`
            : pass.usedAt
              ? `last used ${new Date(pass.usedAt).toLocaleString([], { dateStyle: "short", timeStyle: "short" })}`
              : "not used yet"}
        </span>
      </div>
      <div className="mt-1 flex flex-wrap gap-1.5">
        <button className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Hide the link" : "Show link and code"}
        </button>
        <button className="btn" onClick={edit}>
          Change
        </button>
        <button className="btn" onClick={withdraw}>
          Withdraw
        </button>
      </div>
      {open && (
        <div className="mt-2 flex flex-wrap gap-3">
          <LinkCode link={pass.link} size={208} />
          <div className="min-w-56 flex-1">
            <Copied whole label="Link of the desk" text={pass.link} />
            <p className="mb-1">
              <a className="underline" href={pass.link.replace("/desk#", "/deck#")} target="_blank" rel="noreferrer">
                Open the button deck with this pass
              </a>{" "}
              <span className="text-faint">(a stand-in with fifteen keys)</span>
            </p>
            <Copied whole label="Address for buttons and scripts" text={pass.address} />
            <p className="text-faint">Whoever has the link has the pass.</p>
            <Reach address={pass.link} />
          </div>
        </div>
      )}
    </li>
  );
}

/** Whether other devices can reach an address at all. */
function Reach({ address }: { address: string }) {
  const own = ["localhost", "127.0.0.1", "[::1]"].includes(new URL(address).hostname);
  if (!own) return null;
  return (
    <p className="border-l-4 border-ochre bg-ochre-soft px-2">
      This address works on this computer only. For other devices start with <code>bin/start --network</code>.
    </p>
  );
}

/** What a right is, in words. */
function given(grant: Schemas["Grant"], groups: Schemas["GroupChoice"][]): string {
  const group = groups.find((one) => one.id === grant.group);
  if (!group) return grant.group;
  if (grant.deeds.length === 0) return group.title;
  const deeds = group.deeds.filter((deed) => grant.deeds.includes(deed.id)).map((deed) => deed.words);
  return `${group.title}: ${deeds.join(", ")} only`;
}
