import { Copy } from "lucide-react";
import { useNotices } from "../app/notices";

/** Puts a link where it can be pasted from. */
export function CopyLink({ link }: { link: string }) {
  const say = useNotices((state) => state.say);
  const copy = () =>
    navigator.clipboard.writeText(link).then(
      () => say("The link is copied. Hand it over yourself; no mail is sent."),
      () => say(`The browser does not let us copy. The link is ${link}`, true),
    );
  return (
    <button type="button" className="btn" onClick={() => void copy()}>
      <Copy size={13} aria-hidden="true" />
      Copy the link
    </button>
  );
}
