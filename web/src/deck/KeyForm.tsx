import { useDraftText } from "../app/useDraftText";
import { sayProblem } from "../app/notices";
import type { DeckKey } from "./keys";

const SIDE = 144;

/** Title and picture of the selected key. */
export function KeyForm({
  number,
  deckKey,
  put,
}: {
  number: number;
  deckKey: DeckKey | null;
  put: (key: DeckKey | null) => void;
}) {
  if (!deckKey) return <p className="mt-2 text-faint">Key {number} does nothing yet.</p>;
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2">
      <Title deckKey={deckKey} number={number} put={put} />
      <label className="btn relative">
        {deckKey.picture === "" ? "Picture …" : "Another picture …"}
        <input
          type="file"
          accept="image/*"
          className="absolute inset-0 cursor-pointer opacity-0"
          aria-label={`Picture of key ${String(number)}`}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file)
              void small(file).then(
                (picture) => put({ ...deckKey, picture }),
                () => sayProblem(new Error("That is no picture that this browser can read; the key stays as it was.")),
              );
          }}
        />
      </label>
      {deckKey.picture !== "" && (
        <button className="btn" onClick={() => put({ ...deckKey, picture: "" })}>
          No picture
        </button>
      )}
      <button className="btn" onClick={() => put(null)}>
        Empty the key
      </button>
    </div>
  );
}

function Title({ deckKey, number, put }: { deckKey: DeckKey; number: number; put: (key: DeckKey) => void }) {
  const draft = useDraftText(deckKey.title, (title) => {
    put({ ...deckKey, title });
    return true;
  });
  return (
    <label className="flex min-w-40 flex-1 flex-col text-faint">
      Title of key {number}
      <input className="field" maxLength={40} {...draft} />
    </label>
  );
}

/** A picture as small as a key needs it, as a data URL. */
async function small(file: File): Promise<string> {
  const bitmap = await createImageBitmap(file);
  const canvas = document.createElement("canvas");
  canvas.width = SIDE;
  canvas.height = SIDE;
  const scale = Math.max(SIDE / bitmap.width, SIDE / bitmap.height);
  const [width, height] = [bitmap.width * scale, bitmap.height * scale];
  canvas.getContext("2d")?.drawImage(bitmap, (SIDE - width) / 2, (SIDE - height) / 2, width, height);
  bitmap.close();
  return canvas.toDataURL("image/webp", 0.8);
}
