import { Check, Copy, ExternalLink } from "lucide-react";
import { Link } from "react-router";
import type { ThemeView } from "../api/client";
import { useCopy } from "../app/useCopy";
import { Trouble } from "../app/Trouble";
import { useLedger, type Row } from "../publish/useLedger";
import { useAirOfDraft } from "../theme/usePutOnAir";

/** How soon a source that was opened is seen here; milliseconds. */
const LOOKS = 1000;

/** On air; and for every scene the link and the two numbers that a browser source wants. */
export function OnAirQuestion({ theme, settled }: { theme: ThemeView; settled: () => Promise<void> }) {
  const put = useAirOfDraft(theme.id, undefined, settled);
  if (theme.onAir === 0) {
    return (
      <div>
        <p className="mb-3">
          Viewers see nothing of it yet. Once it is on air, each scene has a link that stays the same through all later
          changes.
        </p>
        <button type="button" className="btn btn-live" disabled={put.isPending} onClick={() => put.mutate([])}>
          Put it on air
        </button>
      </div>
    );
  }
  return <Sources theme={theme} />;
}

function Sources({ theme }: { theme: ThemeView }) {
  const ledger = useLedger(theme.id, LOOKS);
  const rows = ledger.data?.rows.filter((row) => row.part === "WHOLE") ?? [];
  const right = rows.filter((row) => row.state === "RIGHT").length;
  return (
    <div>
      <p className="mb-2">
        In your broadcaster, add a browser source to each scene: paste the link, type the two numbers. What is open
        appears here by itself.
      </p>
      <p className="mb-2 font-bold" role="status">
        {right === 0
          ? "No source is open yet."
          : `${String(right)} of ${String(rows.length)} seen open at the right size.`}
      </p>
      <Trouble query={ledger} />
      <ul className="ruled border-y border-rule">
        {rows.map((row) => (
          <Source key={row.outlet} row={row} />
        ))}
      </ul>
      <p className="mt-2 text-faint">
        No broadcaster at hand?{" "}
        <Link className="underline" to={`/themes/${theme.id}/rehearse`}>
          Try them in the practice rig
        </Link>
        .
      </p>
    </div>
  );
}

function Source({ row }: { row: Row }) {
  const put = useCopy();
  const copy = () =>
    put(
      row.link,
      "The link is copied. Paste it into the source.",
      "The browser does not allow copying here; open the link and copy its address.",
    );
  const colour = row.state === "RIGHT" ? "text-kelp" : row.state === "NOT_OPEN" ? "text-faint" : "font-bold text-ochre";
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1.5" data-state={row.state}>
      <span className="min-w-0 truncate">
        <b className="font-head">{row.sceneName}</b> <span className="text-faint">{row.canvasName}</span>{" "}
        <b>
          {row.width} × {row.height}
        </b>
      </span>
      <span className="flex gap-1.5">
        <button
          type="button"
          className="btn px-1.5"
          onClick={copy}
          aria-label={`Copy the link of ${row.sceneName}, ${row.canvasName}`}
        >
          <Copy size={13} />
          Link
        </button>
        <a
          className="btn px-1.5"
          href={row.link}
          target="_blank"
          rel="noreferrer"
          aria-label={`Open ${row.sceneName}, ${row.canvasName}`}
        >
          <ExternalLink size={13} />
        </a>
      </span>
      <span className={`col-span-2 ${colour}`}>
        {row.state === "RIGHT" && <Check size={13} className="mr-1 inline" aria-hidden="true" />}
        {row.state === "RIGHT" ? "Seen open at the right size" : row.sentence}
      </span>
    </li>
  );
}
