/**
 * Shows the whole of a picture in a window of another size, smaller or larger, so that nothing is cut off.
 *
 * @param host   whose picture it is
 * @param width  of the picture, in pixels; 0 while there is none
 * @param height of the picture
 */
export function fitIn(host: HTMLElement, width: number, height: number): void {
  if (width === 0) return;
  const scale = Math.min(innerWidth / width, innerHeight / height);
  const left = (innerWidth - width * scale) / 2;
  const top = (innerHeight - height * scale) / 2;
  host.style.transform = scale === 1 ? "" : `translate(${String(left)}px,${String(top)}px) scale(${String(scale)})`;
}
