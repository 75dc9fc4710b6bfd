import { Pin, PinOff } from "lucide-react";
import type { Schemas } from "../api/client";
import { useTheme } from "../theme/useTheme";
import { ColourField } from "./ColourField";
import { useFaces } from "./Faces";
import { RoleSample } from "./RoleSample";
import { titleOf, useChoices } from "../theme/titles";
import { useColours, type RoleName } from "./useColours";

/** Every role as a sample of its work, with what it guarantees and how to set it by hand. */
export function Roles({ roles }: { roles: Schemas["RoleColour"][] }) {
  const { brand } = useTheme().theme;
  const faces = useFaces();
  const { roles: titles } = useChoices();
  const colours = Object.fromEntries(roles.map((role) => [role.role, role.colour])) as Record<RoleName, string>;
  const heading = faces.find((face) => face.id === brand.heading)?.family ?? "";
  return (
    <ul className="grid grid-cols-2 gap-x-6">
      {roles.map((role) => (
        <li key={role.role} data-role={role.role} className="flex items-start gap-3 border-t border-rule py-1.5">
          <RoleSample role={role.role} colours={colours} heading={heading} />
          <div className="min-w-0 flex-1 leading-snug">
            <div className="flex items-center gap-1.5">
              <span className="font-bold">{titleOf(titles, role.role)}</span>
              <code className="text-faint">{role.colour}</code>
              <span className="ml-auto">
                <PinButton role={role} />
              </span>
            </div>
            <span className="line-clamp-1 text-faint" title={role.reason}>
              {role.reason}
            </span>
            <Figures role={role} />
          </div>
        </li>
      ))}
    </ul>
  );
}

function PinButton({ role }: { role: Schemas["RoleColour"] }) {
  const { setPin, dropPin } = useColours();
  const name = titleOf(useChoices().roles, role.role);
  if (!role.pinned)
    return (
      <button
        className="text-faint hover:text-ink"
        aria-label={`Pin ${name}`}
        title="Pin: set this colour by hand"
        onClick={() => void setPin(role.role, role.colour, "")}
      >
        <Pin size={13} />
      </button>
    );
  return (
    <span className="flex items-center gap-1">
      <span className="w-32">
        <ColourField
          label={`${name}, pinned`}
          colour={role.colour}
          set={(colour, gesture) => setPin(role.role, colour, gesture)}
        />
      </span>
      <button
        className="text-kelp hover:text-ink"
        aria-label={`Unpin ${name}`}
        title="Back to the derived colour"
        onClick={() => void dropPin(role.role)}
      >
        <PinOff size={13} />
      </button>
    </span>
  );
}

/** Contrasts, and the nearest of the roles that it must never be taken for. */
function Figures({ role }: { role: Schemas["RoleColour"] }) {
  const { roles: titles } = useChoices();
  const nearest = [...role.apart].sort((a, b) => a.difference - b.difference)[0];
  return (
    <span className="block">
      {role.checks.map((check, i) => (
        <span key={check.against} className={check.ratio < check.least ? "font-bold text-ochre" : ""}>
          {i > 0 && " · "}
          {check.ratio.toFixed(1)}:1 on {titleOf(titles, check.against).toLowerCase()}
        </span>
      ))}
      {nearest && (
        <span className={nearest.difference < nearest.least ? "block font-bold text-ochre" : "block text-faint"}>
          nearest: {titleOf(titles, nearest.from).toLowerCase()}, {nearest.difference.toFixed(0)} apart
          {nearest.vision === "ORDINARY" ? "" : ` to ${nearest.vision.toLowerCase()} eyes`}
        </span>
      )}
    </span>
  );
}
