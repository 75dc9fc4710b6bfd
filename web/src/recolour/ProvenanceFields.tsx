import type { Schemas } from "../api/client";
import { useDraftText } from "../app/useDraftText";
import { useEdit } from "../theme/useTheme";

type Provenance = Schemas["Provenance"];

/** SPDX ids that pictures often carry. */
const LICENCES = ["CC0-1.0", "CC-BY-4.0", "CC-BY-SA-4.0", "CC-BY-NC-4.0", "OFL-1.1", "MIT"];

/** Where a picture came from; each field is kept when it is left. */
export function ProvenanceFields({ artwork, provenance }: { artwork: string; provenance: Provenance }) {
  const edit = useEdit();
  const set = (changed: Partial<Provenance>) => edit({ edit: "setProvenance", artwork, provenance: { ...provenance, ...changed } });
  return (
    <div className="mt-1 grid grid-cols-3 gap-2">
      <Field label="Origin" value={provenance.origin} set={(origin) => set({ origin })} />
      <Field label="Licence" value={provenance.licence} set={(licence) => set({ licence })} list="licences" />
      <Field label="Credit" value={provenance.credit} set={(credit) => set({ credit })} />
      <datalist id="licences">{LICENCES.map((licence) => <option key={licence} value={licence} />)}</datalist>
    </div>
  );
}

function Field({ label, value, set, list }: { label: string; value: string; set: (value: string) => Promise<boolean>; list?: string }) {
  const draft = useDraftText(value, set);
  return <label><span className="text-faint">{label}</span><input className="field w-full" maxLength={400} list={list} {...draft} /></label>;
}
