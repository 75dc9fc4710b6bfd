import { useVirtualizer } from "@tanstack/react-virtual";
import { FileText, Play, Type } from "lucide-react";
import { useRef, useState } from "react";
import { useHear } from "../sound/useHear";
import { useThemeId } from "../theme/useTheme";
import { count, type FileChoice, type PackFile, type PackView } from "./Sorted";

type Choose = (number: number, change: Partial<FileChoice>) => void;

/** Sounds of others are played softly first. */
const HALF = 0.5;

const SHOWN = {
  all: "All",
  look: "Needs a look",
  same: "The same",
} as const;

/** The files of a pack, what needs a look first. */
export function FileList(props: { pack: string; files: PackFile[]; sorts: PackView["sorts"]; choose: Choose }) {
  const { pack, files, sorts: kinds, choose } = props;
  const [shown, setShown] = useState<keyof typeof SHOWN>("all");
  const sorts: Record<keyof typeof SHOWN, PackFile[]> = {
    all: files.filter((one) => one.bond === "ITSELF"),
    look: files.filter((one) => one.doubtful && one.bond === "ITSELF"),
    same: files.filter((one) => one.bond !== "ITSELF"),
  };
  const list = sorts[shown];
  const scroll = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: list.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => 74,
    overscan: 6,
    getItemKey: (i) => list[i]?.number ?? i,
  });
  return (
    <section aria-label="Files" className="sticky top-0 min-w-0 self-start">
      <div className="mb-1 flex gap-1" role="group" aria-label="Which files">
        {(Object.keys(SHOWN) as (keyof typeof SHOWN)[]).map((one) => (
          <button
            key={one}
            className={`btn ${shown === one ? "border-kelp font-bold" : ""}`}
            aria-pressed={shown === one}
            onClick={() => setShown(one)}
          >
            {SHOWN[one]} ({sorts[one].length})
          </button>
        ))}
      </div>
      {list.length === 0 && (
        <p className="text-faint">{shown === "look" ? "All of them are plain." : "There is none."}</p>
      )}
      <div ref={scroll} className="h-[calc(100vh-210px)] min-h-60 overflow-y-auto border-b border-rule">
        <ul className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((row) => {
            const file = list[row.index];
            return (
              file && (
                <li
                  key={row.key}
                  ref={rows.measureElement}
                  data-index={row.index}
                  className="absolute inset-x-0 border-t border-rule py-1"
                  style={{ transform: `translateY(${String(row.start)}px)` }}
                >
                  <Line
                    pack={pack}
                    file={file}
                    choose={choose}
                    kinds={kinds}
                    leader={files.find((one) => one.number === file.of)?.name ?? ""}
                    others={files.filter((one) => one.of === file.number && one !== file)}
                  />
                </li>
              )
            );
          })}
        </ul>
      </div>
    </section>
  );
}

function Line(props: {
  pack: string;
  file: PackFile;
  choose: Choose;
  kinds: PackView["sorts"];
  leader: string;
  others: PackFile[];
}) {
  const { pack, file, choose, kinds, leader, others } = props;
  const itself = file.bond === "ITSELF";
  return (
    <div className="flex gap-3" data-loose={file.path}>
      <Sight pack={pack} file={file} />
      <div className="min-w-0 flex-1">
        <div className="flex items-center gap-2">
          {itself && file.what !== "UNREAD" && file.what !== "TEXT" ? (
            <Name file={file} choose={choose} />
          ) : (
            <b className="min-w-0 flex-1 truncate">{file.name}</b>
          )}
          {file.picture && itself ? (
            <select
              className="field w-32 shrink-0"
              aria-label={`What ${file.name} is`}
              value={file.what}
              onChange={(event) => choose(file.number, { what: event.target.value as PackFile["what"] })}
            >
              {kinds.map(({ what, title }) => (
                <option key={what} value={what}>
                  {title}
                </option>
              ))}
            </select>
          ) : (
            <span className="w-32 shrink-0 px-2">{file.title}</span>
          )}
          {itself && usable(file) ? (
            <label className="flex w-16 shrink-0 items-center gap-1">
              <input
                type="checkbox"
                checked={!file.out}
                aria-label={`Take ${file.name}`}
                onChange={(event) => choose(file.number, { out: !event.target.checked })}
              />
              take
            </label>
          ) : (
            <span className="w-16 shrink-0" />
          )}
        </div>
        <p className={file.doubtful ? "text-ochre" : "truncate text-faint"} title={`${file.path}. ${file.why}`}>
          {file.why} <span className="text-faint">{file.path}</span>
        </p>
        {!itself && (
          <p>
            {file.bond === "TWIN" ? "The same as" : "In another colour:"} {leader}.{" "}
            <button className="underline" onClick={() => choose(file.number, { instead: true })}>
              Take this one instead
            </button>{" "}
            <button className="underline" onClick={() => choose(file.number, { apart: true })}>
              They are two
            </button>
          </p>
        )}
        {others.length > 0 && (
          <p className="flex items-center gap-1 text-faint">
            {said(others)}
            {others
              .filter((one) => one.picture)
              .slice(0, 8)
              .map((one) => (
                <Small key={one.number} pack={pack} file={one} className="h-5 w-8" />
              ))}
          </p>
        )}
      </div>
    </div>
  );
}

function said(others: PackFile[]): string {
  const twins = others.filter((one) => one.bond === "TWIN").length;
  const colours = others.length - twins;
  return [
    colours === 0 ? "" : `stands for ${count(colours, "other colour")}`,
    twins === 0 ? "" : `${count(twins, "time", "times")} more`,
  ]
    .filter((one) => one !== "")
    .join(", ");
}

/** Whether it has a place in a theme at all. */
function usable(file: PackFile): boolean {
  return file.what !== "UNREAD" && file.what !== "TEXT";
}

function Name({ file, choose }: { file: PackFile; choose: Choose }) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== file.name) choose(file.number, { name: typed.trim() });
    setTyped(null);
  };
  return (
    <input
      className="field min-w-0 flex-1 font-bold"
      aria-label={`Name of ${file.path}`}
      maxLength={120}
      value={typed ?? file.name}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") event.currentTarget.blur();
        if (event.key === "Escape") setTyped(null);
      }}
    />
  );
}

function Sight({ pack, file }: { pack: string; file: PackFile }) {
  const { hear } = useHear();
  const box = "grid h-16 w-24 shrink-0 place-items-center border border-rule bg-surround text-paper";
  if (file.picture) return <Small pack={pack} file={file} className="h-16 w-24 shrink-0 border border-rule" />;
  if (file.sound !== "")
    return (
      <button className={box} aria-label={`Play ${file.name}`} onClick={() => hear(file.sound, HALF)}>
        <Play size={18} />
      </button>
    );
  return <span className={box}>{file.what === "FONT" ? <Type size={18} /> : <FileText size={18} />}</span>;
}

function Small({ pack, file, className }: { pack: string; file: PackFile; className: string }) {
  const id = useThemeId();
  return (
    <img
      className={`weave object-contain ${className}`}
      src={`/api/themes/${id}/packs/${pack}/files/${String(file.number)}/picture`}
      alt={`${file.path}, as it came`}
      loading="lazy"
    />
  );
}
