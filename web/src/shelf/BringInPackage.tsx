import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { sendFile, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useChannels } from "../app/useChannels";
import { nameOf, useBeginLoose } from "./useBegin";
import { useShelf } from "./useShelf";

type Look = Schemas["PackageView"];

/** A package before it is brought in: what it looks like, what it needs, what it meets, and how it is wanted. */
export function BringInPackage({ file, close }: { file: File | null; close: () => void }) {
  return (
    <Dialog open={file !== null} onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center overflow-auto bg-ink/30 p-6">
        <DialogPanel className="w-[860px] max-w-full border border-rule bg-sheet p-4">
          {file && <Choices file={file} close={close} />}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function Choices({ file, close }: { file: File; close: () => void }) {
  const [channel, setChannel] = useState("");
  const loose = useBeginLoose();
  const look = useQuery({
    queryKey: ["package", file.name, file.size, file.lastModified, channel],
    queryFn: ({ signal }) =>
      sendFile<Look>(`/api/packages/look${channel === "" ? "" : `?channel=${channel}`}`, file, signal),
    placeholderData: (old) => old,
    retry: false,
    gcTime: 0,
  });
  return (
    <>
      <DialogTitle as="h2" className="mb-2">
        {look.data ? `${KINDS[look.data.extent]} “${look.data.name}”` : file.name}
      </DialogTitle>
      {look.isPending && <p className="text-faint">Looking into {file.name} …</p>}
      <Trouble query={look} />
      {look.data ? (
        <>
          <Looked look={look.data} />
          {look.data.extent === "THEME" ? (
            <WholeTheme file={file} look={look.data} channel={channel} setChannel={setChannel} close={close} />
          ) : (
            <Into file={file} look={look.data} close={close} />
          )}
        </>
      ) : (
        <div className="mt-3 flex gap-2">
          {look.isError && (
            <button
              className="btn btn-main"
              onClick={() => {
                close();
                void loose(nameOf(file.name), [file]);
              }}
            >
              Sort it as loose files
            </button>
          )}
          <button className="btn" onClick={close}>
            Leave it
          </button>
        </div>
      )}
    </>
  );
}

const KINDS: Record<Look["extent"], string> = {
  THEME: "The theme",
  SCENE: "The scene",
  PIECE: "The piece",
  BRAND: "The brand of",
  ALERTS: "The alert rules of",
};

function Looked({ look }: { look: Look }) {
  const { parts } = look;
  const counts = [
    several(parts.scenes, "scene"),
    several(parts.pieces, "piece"),
    several(parts.pictures, "picture"),
    several(parts.sounds, "sound"),
    several(parts.fonts, "font"),
    several(parts.alerts, "alert rule"),
    several(parts.commands, "command or timed message", "commands and timed messages"),
    several(parts.tables, "table"),
  ].filter((one) => one !== "");
  return (
    <>
      <p className="mb-2">{counts.length === 0 ? "Nothing stands on it yet." : counts.join(", ")}</p>
      {look.previews.length > 0 && (
        <ul className="mb-3 flex gap-2 overflow-x-auto pb-1" aria-label="How it looks" tabIndex={0}>
          {look.previews.map((one) => (
            <li key={one.title} className="shrink-0">
              <img className="h-28 border border-rule bg-paper" src={one.picture} alt={one.title} />
              <span className="block text-faint">{one.title}</span>
            </li>
          ))}
        </ul>
      )}
      <Sentences title="What it needs here" all={look.needs} />
      <Sentences title="What you have already" all={look.conflicts} />
      <Sentences title="Licences" all={look.unlicensed} />
    </>
  );
}

function several(count: number, one: string, other = `${one}s`): string {
  return count === 0 ? "" : count === 1 ? `1 ${one}` : `${String(count)} ${other}`;
}

const SHOWN = 4;

function Sentences({ title, all }: { title: string; all: string[] }) {
  const [open, setOpen] = useState(false);
  if (all.length === 0) return null;
  return (
    <section className="mb-2">
      <h3>{title}</h3>
      <ul className="list-disc pl-5">
        {(open ? all : all.slice(0, SHOWN)).map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      {all.length > SHOWN && !open && (
        <button className="underline" onClick={() => setOpen(true)}>
          {String(all.length - SHOWN)} more
        </button>
      )}
    </section>
  );
}

function WholeTheme(props: {
  file: File;
  look: Look;
  channel: string;
  setChannel: (channel: string) => void;
  close: () => void;
}) {
  const { file, look, channel, setChannel, close } = props;
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const shelf = useShelf().data ?? [];
  const channels = useChannels().data ?? [];
  const [brand, setBrand] = useState("");
  const [instead, setInstead] = useState("");
  const [words, setWords] = useState(true);
  const bringIn = useMutation({
    mutationFn: () => {
      const query = new URLSearchParams([
        ...(brand === "" ? [] : [["brand", brand]]),
        ...(channel === "" ? [] : [["channel", channel]]),
        ...(instead === "" ? [] : [["instead", instead]]),
        ["words", String(words && look.words !== null)],
      ]);
      return sendFile<Schemas["BroughtIn"]>(`/api/packages?${query.toString()}`, file);
    },
    onSuccess: ({ theme, name, figures }) => {
      say(`${name} is on the shelf, with sources of its own. ${inFigures(figures, brand !== "")}`);
      close();
      void navigate(instead === "" ? `/themes/${theme}` : `/themes/${theme}/move`);
    },
    onError: sayProblem,
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        bringIn.mutate();
      }}
    >
      <div className="mt-3 grid grid-cols-[max-content_minmax(0,1fr)] items-center gap-x-3 gap-y-2 border-t border-rule pt-3">
        <label htmlFor="package-brand">Colours and fonts</label>
        <select id="package-brand" className="field" value={brand} onChange={(event) => setBrand(event.target.value)}>
          <option value="">as it comes</option>
          {shelf.map((theme) => (
            <option key={theme.id} value={theme.id}>
              mine, of {theme.name}: everything is recoloured
            </option>
          ))}
        </select>
        {channels.length > 0 && (
          <>
            <label htmlFor="package-channel">For the channel</label>
            <select
              id="package-channel"
              className="field"
              value={channel}
              onChange={(event) => setChannel(event.target.value)}
            >
              {channels.map((one, i) => (
                <option key={one.id} value={i === 0 ? "" : one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </>
        )}
        {look.words && (
          <>
            <span>Words</span>
            <label className="flex items-center gap-1.5">
              <input type="checkbox" checked={words} onChange={(event) => setWords(event.target.checked)} />
              in those of {look.words.to} instead of {look.words.from}: {several(look.words.texts, "text")}
              {look.words.lost.length > 0 && `; without ${look.words.lost.join(", ")}`}
            </label>
          </>
        )}
        <label htmlFor="package-instead">In place of</label>
        <select
          id="package-instead"
          className="field"
          value={instead}
          onChange={(event) => setInstead(event.target.value)}
        >
          <option value="">no other theme</option>
          {shelf.map((theme) => (
            <option key={theme.id} value={theme.id}>
              {theme.name}: its links are replaced next, under Move
            </option>
          ))}
        </select>
      </div>
      <div className="mt-3 flex gap-2">
        <button className="btn btn-main" disabled={bringIn.isPending}>
          {bringIn.isPending ? "Bringing it in …" : "Bring it in"}
        </button>
        <button type="button" className="btn" onClick={close}>
          Leave it
        </button>
      </div>
    </form>
  );
}

/** What became of its colours, in words. */
function inFigures(figures: Schemas["Figures"], mine: boolean): string {
  const found = `${several(figures.findings, "finding") || "No finding"}${mine ? ` (${String(figures.asItCame)} as it came)` : ""}.`;
  if (!mine || figures.pictures === 0) return found;
  return `${several(figures.pictures, "picture")} recoloured, at most ${figures.farthest.toFixed(1)} ΔE from your brand. ${found}`;
}

function Into({ file, look, close }: { file: File; look: Look; close: () => void }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const shelf = useShelf().data ?? [];
  const [theme, setTheme] = useState("");
  const into = shelf.find((one) => one.id === theme) ?? shelf[0];
  const put = useMutation({
    mutationFn: (id: string) => sendFile<Schemas["PutIn"]>(`/api/themes/${id}/packages`, file),
    onSuccess: ({ theme: id }) => {
      say(`It is in ${into?.name ?? "the theme"} now; one undo takes it out again.`);
      void queries.invalidateQueries({ queryKey: ["theme", id] });
      close();
      void navigate(`/themes/${id}/${STEPS[look.extent]}`);
    },
    onError: sayProblem,
  });
  if (!into) {
    return (
      <>
        <p>Make a theme first; then this can be put into it.</p>
        <button className="btn mt-3" onClick={close}>
          Leave it
        </button>
      </>
    );
  }
  return (
    <form
      className="mt-3 flex flex-wrap items-center gap-2 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        put.mutate(into.id);
      }}
    >
      <label className="flex items-center gap-2">
        Put it into
        <select className="field" value={into.id} onChange={(event) => setTheme(event.target.value)}>
          {shelf.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <button className="btn btn-main" disabled={put.isPending}>
        {put.isPending ? "Putting it in …" : "Put it in"}
      </button>
      <button type="button" className="btn" onClick={close}>
        Leave it
      </button>
    </form>
  );
}

const STEPS: Record<Look["extent"], string> = {
  THEME: "",
  SCENE: "sheet",
  PIECE: "pieces",
  BRAND: "brand",
  ALERTS: "alerts",
};
