/** What was chosen, by the name of the setting. */
export type Chosen = Record<string, string | undefined>;

/** As it stands in a link after its question mark: application/x-www-form-urlencoded, WHATWG URL. */
export function queryOf(chosen: Chosen): string {
  const pairs = new URLSearchParams();
  for (const [name, value] of Object.entries(chosen)) if (value !== undefined) pairs.append(name, value);
  return pairs.toString();
}
