import { useQuery } from "@tanstack/react-query";
import { FolderUp, Upload } from "lucide-react";
import { useEffect, useRef } from "react";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { useFileDrop } from "../app/useFileDrop";
import { useMay } from "../theme/May";
import { useThemeId } from "../theme/useTheme";
import { handed } from "./handed";
import { Sorted } from "./Sorted";
import { usePack, type PackLine, type Reading } from "./usePack";

/** Loose files: dropped, told what they are, and taken as a whole theme. */
export function LoosePage() {
  const id = useThemeId();
  const may = useMay();
  const pack = usePack();
  const { over, dropping } = useFileDrop((files) => void pack.take(files));
  const open = useQuery({
    queryKey: ["packs", id],
    queryFn: () => answer(api.GET("/api/themes/{theme}/packs", { params: { path: { theme: id } } })),
    enabled: may,
  });
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || !may) return;
    begun.current = true;
    void pack.take(handed());
  });
  if (!may) return <p className="text-faint">Designers and owners of this workspace bring files in.</p>;
  const newest = open.data?.[0];
  return (
    <section className={`min-h-full p-4 ${over ? "bg-kelp-soft" : ""}`} {...dropping} aria-label="Loose files">
      <p className="mb-2 text-faint">
        <Link className="underline" to={`/themes/${id}/brand/pictures`}>
          Ready-made pictures
        </Link>{" "}
        · Loose files
      </p>
      {pack.unpacking && <p className="text-faint">Looking into it …</p>}
      {pack.reading && (
        <Progress
          reading={pack.reading}
          goOn={() => void pack.goOn()}
          cancel={() => pack.reading && void pack.cancel(pack.reading.line.id)}
        />
      )}
      {!pack.reading && !pack.unpacking && (
        <>
          <Trouble query={open} />
          {open.isPending && <p className="text-faint">Looking for files …</p>}
          {open.data && !newest && <Invite take={(files) => void pack.take(files)} />}
          {newest && <Sorted key={newest.id} line={newest} leave={() => void pack.cancel(newest.id)} />}
        </>
      )}
    </section>
  );
}

/** Nothing is here yet. */
function Invite({ take }: { take: (files: File[]) => void }) {
  const files = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  return (
    <div className="max-w-[70ch] border border-dashed border-rule p-6">
      <h2 className="mb-1">A folder or a zip, as it is</h2>
      <p className="mb-3 text-faint">
        Frames, masks, panels, backdrops, icons, bars, loops, films, fonts, sounds and texts, in any order and under any
        name. Each is looked into and told what it is; the same drawing in several colours is taken once. What becomes
        of them is shown as scenes before anything is taken.
      </p>
      <div className="flex gap-2">
        <button className="btn btn-main" onClick={() => files.current?.click()}>
          <Upload size={14} />
          Choose files or a zip
        </button>
        <button className="btn" onClick={() => folder.current?.click()}>
          <FolderUp size={14} />
          Choose a folder
        </button>
        <span className="self-center text-faint">or drop it here</span>
      </div>
      <input
        ref={files}
        type="file"
        multiple
        className="hidden"
        aria-label="Loose files or a zip"
        onChange={(event) => {
          take([...(event.target.files ?? [])]);
          event.target.value = "";
        }}
      />
      <input
        ref={folder}
        type="file"
        className="hidden"
        aria-label="A folder of loose files"
        {...{ webkitdirectory: "" }}
        onChange={(event) => {
          take([...(event.target.files ?? [])]);
          event.target.value = "";
        }}
      />
    </div>
  );
}

function Progress({ reading, goOn, cancel }: { reading: Reading; goOn: () => void; cancel: () => void }) {
  const { progress } = reading.line;
  return (
    <div className="border border-rule bg-sheet p-3" role="status">
      <div className="flex items-center gap-3">
        <progress className="h-2 flex-1 accent-kelp" value={progress.share} max={1} aria-label="Files read" />
        <span className="w-56">
          {progress.done} of {progress.all} read{reading.stopped === "" && `, ${left(reading.line)}`}
        </span>
        {reading.stopped !== "" && (
          <button className="btn btn-main" onClick={goOn}>
            Go on
          </button>
        )}
        <button className="btn" onClick={cancel}>
          Cancel
        </button>
      </div>
      {reading.stopped === "" ? (
        <p className="mt-1 text-faint">Nothing is in the theme yet; leaving this page stops it.</p>
      ) : (
        <p role="alert" className="mt-1 text-live">
          {reading.stopped}
        </p>
      )}
    </div>
  );
}

function left({ progress }: PackLine): string {
  const seconds = Math.ceil(progress.seconds);
  return progress.done === 0
    ? "just begun"
    : seconds < 60
      ? `some ${String(seconds)} s left`
      : `some ${String(Math.round(seconds / 60))} min left`;
}
