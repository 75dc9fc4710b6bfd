import { Copy } from "lucide-react";
import { useCopy } from "../app/useCopy";

/** Puts a link where it can be pasted from. */
export function CopyLink({ link }: { link: string }) {
  const copy = useCopy();
  return (
    <button
      type="button"
      className="btn"
      onClick={() =>
        copy(
          link,
          "The link is copied. Hand it over yourself; no mail is sent.",
          `The browser does not let us copy. The link is ${link}`,
        )
      }
    >
      <Copy size={13} aria-hidden="true" />
      Copy the link
    </button>
  );
}
