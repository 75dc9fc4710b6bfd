import { useQuery } from "@tanstack/react-query";
import { Download } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { moment } from "../app/dates";
import { Home } from "../app/Home";
import { Trouble } from "../app/Trouble";
import { useSettled } from "../app/useSettled";
import { useWorkspace } from "../app/useWorkspace";
import { usePeople } from "./usePeople";

type Kind = Schemas["DeedLine"]["kind"];

const SETTLES = 250;

/** Who did what in the workspace, filtered, and as a file. */
export function RecordPage() {
  const { here } = useWorkspace();
  return (
    <Home title="Record" says={here ? `Who did what in ${here.name}` : "Who did what"}>
      {here ? <Lines key={here.id} workspace={here.id} /> : <p className="text-faint">You are in no workspace.</p>}
    </Home>
  );
}

function Lines({ workspace }: { workspace: string }) {
  const [kind, setKind] = useState<Kind | "">("");
  const [account, setAccount] = useState("");
  const [text, setText] = useState("");
  const settled = useSettled(text, SETTLES);
  const people = usePeople(workspace);
  const query = { ...(kind ? { kind } : {}), ...(account ? { account } : {}), text: settled };
  const record = useQuery({
    queryKey: ["record", workspace, kind, account, settled],
    queryFn: () => answer(api.GET("/api/workspaces/{workspace}/record", { params: { path: { workspace }, query } })),
    placeholderData: (before) => before,
    staleTime: 0,
  });
  const file = `/api/workspaces/${workspace}/record.csv?${new URLSearchParams(query).toString()}`;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <select
          className="field"
          aria-label="Kind of deed"
          value={kind}
          onChange={(event) => setKind(event.target.value as Kind | "")}
        >
          <option value="">Everything</option>
          {record.data?.kinds.map((one) => (
            <option key={one.id} value={one.id}>
              {one.title}
            </option>
          ))}
        </select>
        <select
          className="field"
          aria-label="By whom"
          value={account}
          onChange={(event) => setAccount(event.target.value)}
        >
          <option value="">by anybody</option>
          {people.data?.people.map((person) => (
            <option key={person.account} value={person.account}>
              by {person.name}
            </option>
          ))}
        </select>
        <input
          type="search"
          className="field w-56"
          aria-label="Words to find"
          placeholder="Words to find"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <a className="btn ml-auto" href={file} download>
          <Download size={13} aria-hidden="true" />
          Save as CSV
        </a>
      </div>
      <Trouble query={record} />
      {record.isPending && <p className="text-faint">Looking …</p>}
      {record.data?.lines.length === 0 && <p className="text-faint">Nothing of this kind was done yet.</p>}
      {record.data && record.data.lines.length > 0 && <Table view={record.data} />}
    </>
  );
}

function Table({ view }: { view: Schemas["RecordView"] }) {
  const titles = Object.fromEntries(view.kinds.map((kind) => [kind.id, kind.title]));
  return (
    <>
      <div className="overflow-x-auto" role="region" aria-label="Lines of the record" tabIndex={0}>
        <table className="w-full text-left">
          <thead className="text-faint">
            <tr>
              {["When", "Who", "Kind", "Where", "What"].map((head) => (
                <th
                  key={head}
                  scope="col"
                  className={`py-1 pr-4 font-normal ${head === "Kind" || head === "Where" ? "hidden sm:table-cell" : ""}`}
                >
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {view.lines.map((line, i) => (
              <tr key={i} className="border-t border-rule align-top">
                <td className="py-1 pr-4 text-faint sm:whitespace-nowrap">
                  <time dateTime={line.at}>{moment(line.at)}</time>
                </td>
                <td className="py-1 pr-4 sm:whitespace-nowrap">{line.who}</td>
                <td className="hidden py-1 pr-4 text-faint sm:table-cell">{titles[line.kind]}</td>
                <td className="hidden py-1 pr-4 sm:table-cell">{line.place}</td>
                <td className={`py-1 ${line.undone ? "line-through" : ""}`}>
                  <span className="text-faint sm:hidden">{line.place}: </span>
                  {line.what}
                  {line.undone && <span className="sr-only">, taken back</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {view.all > view.lines.length && (
        <p className="mt-2 text-faint">
          The latest {view.lines.length} of {view.all}; the file has all of them.
        </p>
      )}
    </>
  );
}
