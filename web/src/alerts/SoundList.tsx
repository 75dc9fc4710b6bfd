import { ChevronDown, ChevronRight, Trash2, Upload } from "lucide-react";
import { useState } from "react";
import { sendFile } from "../api/client";
import { NumberField } from "../app/NumberField";
import { Trouble } from "../app/Trouble";
import { useDeed } from "../app/useDeed";
import { useDraftText } from "../app/useDraftText";
import { useFileDrop } from "../app/useFileDrop";
import { ProvenanceFields } from "../recolour/ProvenanceFields";
import { May, useMay } from "../theme/May";
import { useEdit, useTheme } from "../theme/useTheme";
import { Hear } from "./Hear";
import { signed, useSounds, type Sound } from "./useSounds";

/** Every sound with how loud it is and what is made of that; the theme's own can be added, named and removed. */
export function SoundList() {
  const { id, theme } = useTheme();
  const edit = useEdit();
  const may = useMay();
  const sounds = useSounds();
  const add = useDeed(
    (file: File) =>
      sendFile<Sound>(
        `/api/themes/${id}/sounds?name=${encodeURIComponent(file.name.replace(/\.[^.]+$/, "").slice(0, 200))}`,
        file,
      ),
    (added) => `${added.name} is added.`,
    [["theme", id]],
  );
  const take = (files: File[]) => files.forEach((file) => add.mutate(file));
  const { over, dropping } = useFileDrop(take, may);
  return (
    <section
      aria-labelledby="sounds"
      className={`mt-5 border-t border-rule pt-2 ${over ? "bg-kelp-soft" : ""}`}
      {...dropping}
    >
      <div className="mb-1 flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="sounds">Sounds</h2>
        <May>
          <label className="flex items-center gap-1.5">
            all brought to
            <NumberField
              label="Loudness of all sounds in LUFS"
              width={4}
              value={theme.sounds.target}
              set={(lufs) => edit({ edit: "setLoudness", lufs })}
            />
            LUFS
          </label>
        </May>
        <span className="text-faint">EBU R 128 asks for −23.</span>
        <May>
          <label className="only-may btn relative ml-auto cursor-pointer">
            <Upload size={13} aria-hidden="true" />
            {add.isPending ? "Measuring …" : "Add a sound"}
            <input
              type="file"
              className="sr-only"
              accept=".wav,.ogg,.oga,.mp3,.flac,audio/*"
              multiple
              onChange={(event) => {
                take([...(event.target.files ?? [])]);
                event.target.value = "";
              }}
            />
          </label>
        </May>
      </div>
      <Trouble query={sounds} />
      <ul className="ruled border-y border-rule" aria-label="Sounds">
        {sounds.data?.map((sound) => (
          <Line key={sound.id} sound={sound} />
        ))}
      </ul>
    </section>
  );
}

function Line({ sound }: { sound: Sound }) {
  const { theme } = useTheme();
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  const used = theme.alerts.filter((rule) => rule.sound.sound === sound.id).length;
  return (
    <li className="py-0.5" data-sound={sound.id}>
      <div className="flex items-center gap-2">
        <Hear name={sound.name} address={sound.address} gain={sound.gain} />
        {sound.shipped ? (
          <span className="w-40 truncate">{sound.name}</span>
        ) : (
          <Name sound={sound} set={(name) => edit({ edit: "renameSound", sound: sound.id, name })} />
        )}
        <span className="w-14 text-right text-faint tabular-nums">{(sound.millis / 1000).toFixed(1)} s</span>
        <span className="w-24 text-right tabular-nums" title={`True peak ${signed(sound.loudness.peak, 1)} dBTP`}>
          {sound.loudness.integrated <= -70 ? "silent" : `${signed(sound.loudness.integrated, 1)} LUFS`}
        </span>
        <span className="w-16 text-right text-faint tabular-nums" title="What it takes to bring it there">
          {signed(sound.gain, 1)} dB
        </span>
        <span className="min-w-0 flex-1 truncate text-faint">
          {sound.held > 1 ? (
            <span className="text-ochre">held {sound.held.toFixed(0)} LU lower by its peaks</span>
          ) : used > 0 ? (
            `in ${String(used)} ${used === 1 ? "alert" : "alerts"}`
          ) : (
            ""
          )}
        </span>
        {!sound.shipped && (
          <>
            <button
              className={`flex min-h-6 items-center gap-0.5 ${sound.lacking.length > 0 ? "text-ochre" : "text-faint"}`}
              aria-expanded={open}
              onClick={() => setOpen(!open)}
            >
              {open ? <ChevronDown size={13} /> : <ChevronRight size={13} />}
              where from
            </button>
            <May>
              <button
                className="only-may flex size-6 items-center justify-center text-faint hover:text-ink"
                aria-label={`Remove ${sound.name}`}
                title="Remove it"
                onClick={() => void edit({ edit: "removeSound", sound: sound.id })}
              >
                <Trash2 size={13} />
              </button>
            </May>
          </>
        )}
      </div>
      {open && (
        <May>
          <div className="mb-1 ml-8">
            <ProvenanceFields
              provenance={sound.provenance}
              columns={3}
              set={(provenance) => edit({ edit: "setSoundProvenance", sound: sound.id, provenance })}
            />
          </div>
        </May>
      )}
    </li>
  );
}

function Name({ sound, set }: { sound: Sound; set: (name: string) => Promise<boolean> }) {
  const draft = useDraftText(sound.name, (text) => set(text.trim()));
  return (
    <May>
      <input className="field w-40" aria-label={`Name of ${sound.name}`} maxLength={200} {...draft} />
    </May>
  );
}
