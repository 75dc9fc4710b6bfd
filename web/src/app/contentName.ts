/**
 * A short name of what something shows: another one whenever any part is another one. FNV-1a over the text of all parts,
 * twice 32 bits; http://www.isthe.com/chongo/tech/comp/fnv/ (offsets and prime from memory).
 */
export function contentName(...parts: unknown[]): string {
  const text = JSON.stringify(parts);
  let one = 0x811c9dc5;
  let other = 0x811c9dc5 ^ text.length;
  for (let i = 0; i < text.length; i++) {
    one = Math.imul(one ^ text.charCodeAt(i), 0x01000193);
    other = Math.imul(other ^ text.charCodeAt(text.length - 1 - i), 0x01000193);
  }
  return (one >>> 0).toString(36) + (other >>> 0).toString(36);
}
