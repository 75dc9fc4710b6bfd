/** The address within this installation that a pasted link names; empty when it is no link of that kind. */
export function linkIn(text: string, kind: "join" | "recover"): string {
  const token = new RegExp(`/${kind}/([A-Za-z0-9_-]{20,100})`).exec(text)?.[1];
  return token ? `/${kind}/${token}` : "";
}
