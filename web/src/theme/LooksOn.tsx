import { lacks, type MemberRole } from "../app/roles";

/** Why one cannot change what one sees, for those who cannot. */
export function LooksOn({ role }: { role: MemberRole }) {
  const words = lacks(role);
  if (words === "") return null;
  return (
    <p role="note" className="border-b border-rule bg-ochre-soft px-4 py-1.5">
      {words}
    </p>
  );
}
