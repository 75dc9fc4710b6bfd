import { Check } from "lucide-react";
import type { Role } from "./usePeople";
import { useMemberRoles } from "./usePeople";
import { Trouble } from "../app/Trouble";

/** What each role may do. @param own the role of who looks */
export function RoleTable({ own }: { own: Role["role"] }) {
  const roles = useMemberRoles();
  if (!roles.data) return <Trouble query={roles} />;
  const deeds = roles.data[0]?.may ?? [];
  return (
    <section aria-labelledby="roles" className="overflow-x-auto" tabIndex={0}>
      <h2 id="roles" className="mb-2">
        What each role may do
      </h2>
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-rule align-bottom">
            <td />
            {roles.data.map((role) => (
              <th
                key={role.role}
                scope="col"
                className={`px-1.5 pb-1 ${role.role === own ? "" : "font-normal text-faint"}`}
              >
                {role.title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {deeds.map((deed) => (
            <tr key={deed} className="border-b border-rule align-top">
              <th scope="row" className="py-1 pr-2 font-normal">
                {deed}
              </th>
              {roles.data.map((role) => (
                <td key={role.role} className="px-1.5 py-1.5">
                  {role.may.includes(deed) ? (
                    <Check size={14} className="text-kelp" aria-label="yes" />
                  ) : (
                    <span className="sr-only">no</span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
