import { Copy } from "lucide-react";
import { useCopy } from "./useCopy";

/**
 * A text to be copied whole.
 *
 * @param block whether it has lines
 * @param whole whether all of it is seen, on as many lines as that takes
 */
export function Copied({
  label,
  text,
  block = false,
  whole = false,
}: {
  label: string;
  text: string;
  block?: boolean;
  whole?: boolean;
}) {
  const copy = useCopy();
  return (
    <div className="mb-1">
      <span className="text-faint">{label}</span>
      <div className="flex items-start gap-2">
        {block ? (
          <pre className="min-w-0 flex-1 overflow-x-auto border border-rule bg-sheet p-2" tabIndex={0}>
            {text}
          </pre>
        ) : (
          <code
            className={`min-w-0 flex-1 border border-rule bg-sheet px-2 py-1 ${whole ? "select-all break-all" : "truncate"}`}
            title={text}
          >
            {text}
          </code>
        )}
        <button
          className="btn px-1.5"
          aria-label={`Copy: ${label}`}
          onClick={() => copy(text, "Copied.", "The browser does not allow copying here; select the text instead.")}
        >
          <Copy size={13} />
        </button>
      </div>
    </div>
  );
}
