import type { Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";

type Provenance = Schemas["Provenance"];

interface Props {
  provenance: Provenance;
  set: (provenance: Provenance) => Promise<boolean>;
  columns: 1 | 3;
}

/** SPDX ids that pictures and faces often carry. */
const LICENCES = ["CC0-1.0", "CC-BY-4.0", "CC-BY-SA-4.0", "CC-BY-NC-4.0", "OFL-1.1", "MIT"];

/** Where a picture or face came from; each field is kept when it is left. */
export function ProvenanceFields({ provenance, set, columns }: Props) {
  return (
    <div className={`mt-1 grid gap-2 ${columns === 3 ? "grid-cols-3" : ""}`}>
      <Field label="Origin" value={provenance.origin} set={(origin) => set({ ...provenance, origin })} />
      <Field
        label="Licence"
        value={provenance.licence}
        set={(licence) => set({ ...provenance, licence })}
        list="licences"
      />
      <Field label="Credit" value={provenance.credit} set={(credit) => set({ ...provenance, credit })} />
      <datalist id="licences">
        {LICENCES.map((licence) => (
          <option key={licence} value={licence} />
        ))}
      </datalist>
    </div>
  );
}

function Field({
  label,
  value,
  set,
  list,
}: {
  label: string;
  value: string;
  set: (value: string) => Promise<boolean>;
  list?: string;
}) {
  const draft = useDraftText(value, set);
  return (
    <label>
      <span className="text-faint">{label}</span>
      <input className="field w-full" maxLength={400} list={list} {...draft} />
    </label>
  );
}
