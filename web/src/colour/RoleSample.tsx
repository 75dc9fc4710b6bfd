import type { RoleName } from "./useColours";

interface Props {
  role: RoleName;
  colours: Record<RoleName, string>;
  heading: string;
}

/** A role where it does its work: letters on a plate, an edge around an opening, a light that is on. */
export function RoleSample({ role, colours: c, heading }: Props) {
  return (
    <svg
      viewBox="0 0 132 46"
      className="h-[46px] w-[132px] shrink-0 border border-rule"
      aria-hidden
      style={{ background: c.GROUND, fontFamily: `"${heading}"` }}
    >
      {drawn(role, c)}
    </svg>
  );
}

const PLATE = "M8 7h82c14 0 10 32 34 32H8z";

function drawn(role: RoleName, c: Record<RoleName, string>) {
  switch (role) {
    case "GROUND":
      return null;
    case "HORIZON":
      return <path d="M0 0h132v30c-40-10-80 8-132-4z" fill={c.HORIZON} />;
    case "PLATE":
      return <path d={PLATE} fill={c.PLATE} />;
    case "TEXT":
    case "QUIET_TEXT":
      return (
        <>
          <path d={PLATE} fill={c.PLATE} />
          <text x="16" y="30" fontSize={role === "TEXT" ? 20 : 16} fill={c[role]}>
            Ilse Fenn
          </text>
        </>
      );
    case "ACCENT":
    case "SECOND_ACCENT":
      return (
        <>
          <path d={PLATE} fill={c.PLATE} />
          <path d="M8 7h26v32H8z" fill={c[role]} />
          <path d="M98 7c14 0 10 32 34 32" fill="none" stroke={c[role]} strokeWidth="2.5" />
        </>
      );
    case "EDGE":
      return <rect x="10" y="6" width="112" height="34" rx="5" fill={c.PLATE} stroke={c.EDGE} strokeWidth="2.5" />;
    case "GLOW":
      return (
        <>
          <defs>
            <radialGradient id="glow-sample">
              <stop offset="0" stopColor={c.GLOW} />
              <stop offset="1" stopColor={c.GLOW} stopOpacity="0" />
            </radialGradient>
          </defs>
          <circle cx="66" cy="23" r="22" fill="url(#glow-sample)" />
          <circle cx="66" cy="23" r="6" fill={c.SECOND_ACCENT} />
        </>
      );
    case "ON_AIR":
      return (
        <>
          <path d={PLATE} fill={c.PLATE} />
          <circle cx="24" cy="23" r="7" fill={c.ON_AIR} />
          <text x="40" y="30" fontSize="18" fill={c.ON_AIR}>
            Live
          </text>
        </>
      );
    case "WARNING":
      return (
        <>
          <path d={PLATE} fill={c.PLATE} />
          <path d="M24 14l9 17H15z" fill={c.WARNING} />
          <text x="40" y="30" fontSize="18" fill={c.WARNING}>
            Break
          </text>
        </>
      );
    case "GOOD":
      return (
        <>
          <path d={PLATE} fill={c.PLATE} />
          <path d="M16 23l6 7 11-14" fill="none" stroke={c.GOOD} strokeWidth="4" />
          <text x="40" y="30" fontSize="18" fill={c.GOOD}>
            Seen
          </text>
        </>
      );
  }
}
