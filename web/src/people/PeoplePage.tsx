import { Home } from "../app/Home";
import { Trouble } from "../app/Trouble";
import { useWorkspace } from "../app/useWorkspace";
import { Invite } from "./Invite";
import { PeopleTable } from "./PeopleTable";
import { Pending } from "./Pending";
import { RoleTable } from "./RoleTable";
import { usePeople } from "./usePeople";
import { WorkspaceSettings } from "./WorkspaceSettings";

/** Who works in the workspace, with which role, and how others come in. */
export function PeoplePage() {
  const { here } = useWorkspace();
  return (
    <Home title="People" says={here ? `Who works in ${here.name}` : "Who works here"}>
      {here ? (
        <Inside key={here.id} workspace={here.id} />
      ) : (
        <p className="text-faint">
          You are in no workspace. Make one with the menu above, or ask somebody for an invitation.
        </p>
      )}
    </Home>
  );
}

function Inside({ workspace }: { workspace: string }) {
  const people = usePeople(workspace);
  if (people.isPending) return <p className="text-faint">Looking who is here …</p>;
  if (!people.data) return <Trouble query={people} />;
  const owner = people.data.role === "OWNER";
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <div className="min-w-0">
        <Trouble query={people} />
        <PeopleTable people={people.data} />
        {owner && <Pending people={people.data} />}
        <WorkspaceSettings people={people.data} />
      </div>
      <div className="min-w-0">
        {owner && <Invite workspace={workspace} />}
        <RoleTable own={people.data.role} />
      </div>
    </div>
  );
}
