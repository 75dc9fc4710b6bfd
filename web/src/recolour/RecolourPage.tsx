import { FileDown, FolderUp, Upload } from "lucide-react";
import { useRef } from "react";
import { Link } from "react-router";
import { useThemeId } from "../theme/useTheme";
import { ArtworkLine } from "./ArtworkLine";
import { useArtworks } from "./useArtworks";
import { useIntake, type Intake } from "./useIntake";
import { Trouble } from "../app/Trouble";
import { useFileDrop } from "../app/useFileDrop";
import { useMay } from "../theme/May";

const TYPES = ".png,.apng,.jpg,.jpeg,.gif,.webp,.svg";

/** The recolour bench: ready-made pictures before and after, beside the colours they should reach. Worst match first. */
export function RecolourPage() {
  const id = useThemeId();
  const artworks = useArtworks();
  const may = useMay();
  const { intake, take, cancel, dismiss } = useIntake();
  const { over, dropping } = useFileDrop((files) => void take(files), may);
  const chooser = useRef<HTMLInputElement>(null);
  const some = (artworks.data?.length ?? 0) > 0;
  return (
    <section className={`min-h-full ${over ? "bg-kelp-soft" : ""}`} {...dropping} aria-label="Recolour bench">
      <div className="mb-2 flex items-center gap-2">
        <button className="btn btn-main" disabled={intake?.running} onClick={() => chooser.current?.click()}>
          <Upload size={14} />
          Add pictures
        </button>
        <input
          ref={chooser}
          type="file"
          multiple
          accept={TYPES}
          className="hidden"
          aria-label="Pictures to add"
          onChange={(event) => {
            void take([...(event.target.files ?? [])]);
            event.target.value = "";
          }}
        />
        <span className="only-may text-faint">or drop files and folders here: PNG, APNG, JPEG, GIF, WebP, SVG</span>
        <Link className="btn only-may" to={`/themes/${id}/brand/loose`}>
          <FolderUp size={14} />A whole folder or zip
        </Link>
        {some && (
          <span className="ml-auto flex gap-2">
            <a className="btn" href={`/api/themes/${id}/artworks/recoloured.zip`}>
              <FileDown size={14} />
              All recoloured
            </a>
            <a className="btn" href={`/api/themes/${id}/artworks/credits.md`}>
              <FileDown size={14} />
              Credits
            </a>
          </span>
        )}
      </div>
      {intake && <Progress intake={intake} cancel={cancel} dismiss={dismiss} />}
      {artworks.isPending && <p className="text-faint">Looking for pictures …</p>}
      <Trouble query={artworks} />
      {artworks.data?.length === 0 && !intake?.running && (
        <p className="border border-dashed border-rule p-6 text-faint">
          No ready-made pictures yet. Frames, panels and icons from elsewhere get this brand’s colours here; the files
          themselves are never changed.
        </p>
      )}
      <ul>
        {artworks.data?.map((view) => (
          <ArtworkLine key={view.artwork.id} view={view} />
        ))}
      </ul>
    </section>
  );
}

function Progress({ intake, cancel, dismiss }: { intake: Intake; cancel: () => void; dismiss: () => void }) {
  if (!intake.running && intake.refused.length === 0) return null;
  return (
    <div className="mb-2 border border-rule bg-sheet p-2" role="status">
      <div className="flex items-center gap-3">
        <progress
          className="h-2 flex-1 accent-kelp"
          value={intake.done}
          max={intake.total}
          aria-label="Pictures taken in"
        />
        <span>
          {intake.done} of {intake.total}
        </span>
        {intake.running ? (
          <button className="btn" onClick={cancel}>
            Cancel
          </button>
        ) : (
          <button className="btn" onClick={dismiss}>
            Close
          </button>
        )}
      </div>
      {intake.refused.map((file, i) => (
        <p key={i} className="text-ochre">
          <b>{file.name}</b>: {file.reason}
        </p>
      ))}
    </div>
  );
}
