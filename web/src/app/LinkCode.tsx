import { QRCodeSVG } from "qrcode.react";

/** Modules that stay white around a code, so that every camera finds it (ISO/IEC 18004, from memory). */
const QUIET = 4;

/** A link as a QR code on white, with its quiet zone. `size` in pixels, quiet zone and all. */
export function LinkCode({ link, size }: { link: string; size: number }) {
  return <QRCodeSVG value={link} size={size} marginSize={QUIET} className="shrink-0 self-start" />;
}
