import { useMutation, useQuery } from "@tanstack/react-query";
import { ChevronDown, ChevronRight, FileUp, Plus, Search } from "lucide-react";
import { useRef, useState, type FormEvent } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { Home } from "../app/Home";
import { linkIn } from "../app/links";
import { sayProblem } from "../app/notices";
import { includes, type MemberRole } from "../app/roles";
import { Trouble } from "../app/Trouble";
import { useWorkspace } from "../app/useWorkspace";
import { COLOUR_FILES } from "../colour/BringIn";
import { NewWorkspace } from "../people/NewWorkspace";
import { found, ordered, ORDERS, type Order, type ShelfLine } from "./order";
import { useFileDrop } from "../app/useFileDrop";
import { BringInPackage } from "./BringInPackage";
import { ThemeStrip } from "./ThemeStrip";
import { nameOf, useBeginWith } from "./useBegin";
import { useShelf } from "./useShelf";

/** All themes of the workspace, each as a strip of its true scenes. A picture that is dropped begins another one. */
export function ShelfPage() {
  const { here } = useWorkspace();
  const shelf = useShelf();
  const begin = useBeginWith();
  const mayMake = here !== null && includes(here.role, "DESIGNER");
  const { over, dropping } = useFileDrop((files) => {
    const [first] = files;
    const folder = (first as { dropped?: string } | undefined)?.dropped?.split("/") ?? [];
    if (first && (files.length > 1 || folder.length > 1))
      void begin.loose(nameOf(folder.length > 1 ? (folder[0] ?? "") : "Loose files"), files);
    else if (first) begin.file(first);
  }, mayMake);
  return (
    <Home title="Shelf" says="Your themes, as viewers would see them">
      <div
        className={`min-h-[70vh] ${over ? "outline-2 -outline-offset-2 outline-kelp bg-kelp-soft" : ""}`}
        {...dropping}
      >
        <BringInPackage file={begin.packed} close={begin.leave} />
        {mayMake && shelf.data && <NewTheme first={shelf.data.length === 0} begin={begin} />}
        {shelf.isPending && here && <p className="text-faint">Looking at the shelf …</p>}
        <Trouble query={shelf} />
        {here === null && <NoWorkspace />}
        {shelf.data?.length === 0 && (
          <p className="text-faint">
            {mayMake
              ? "Nothing here yet. Six questions with pictures lead to a theme and its sources; each can be skipped."
              : `Nothing here yet. Your role in ${here?.name ?? ""} is ${here?.role.toLowerCase() ?? ""}; its owners and designers make themes.`}
          </p>
        )}
        {shelf.data && shelf.data.length > 0 && here && <Themes lines={shelf.data} role={here.role} />}
      </div>
    </Home>
  );
}

function NoWorkspace() {
  const go = useWorkspaceId((state) => state.go);
  const navigate = useNavigate();
  const [making, setMaking] = useState(false);
  return (
    <>
      <p className="mb-2 text-faint">You are in no workspace. Make one, or come into somebody else’s.</p>
      <div className="flex flex-wrap items-center gap-3">
        <button className="btn btn-main" onClick={() => setMaking(true)}>
          <Plus size={15} />
          New workspace
        </button>
        <label className="flex items-center gap-2">
          or paste an invitation
          <input
            className="field w-64"
            placeholder="Its whole link"
            onChange={(event) => {
              const link = linkIn(event.target.value, "join");
              if (link !== "") void navigate(link);
            }}
          />
        </label>
      </div>
      {making && <NewWorkspace close={() => setMaking(false)} made={go} />}
    </>
  );
}

/** What is looked for and in which order stands in the address, so that it is still so when one comes back. */
function Themes({ lines, role }: { lines: ShelfLine[]; role: MemberRole }) {
  const id = useWorkspaceId((state) => state.id);
  const [address, setAddress] = useSearchParams();
  const open = useQuery({
    queryKey: ["shelf", id, "beginnings"],
    queryFn: () => answer(api.GET("/api/beginnings")),
    staleTime: 0,
  });
  const typed = address.get("find") ?? "";
  const order = ORDERS.find((one) => one.id === address.get("order"))?.id ?? "changed";
  const set = (name: string, value: string) =>
    setAddress(
      (old) => {
        if (value === "") old.delete(name);
        else old.set(name, value);
        return old;
      },
      { replace: true },
    );
  const hits = ordered(found(lines, typed), order);
  const strips = (wanted: ShelfLine[]) => (
    <ul className="ruled border-y border-rule">
      {wanted.map((line) => (
        <ThemeStrip
          key={line.id}
          line={line}
          step={open.data?.find((one) => one.theme === line.id)?.step ?? 0}
          role={role}
        />
      ))}
    </ul>
  );
  const shown = hits.filter((line) => !line.archived);
  const archived = hits.filter((line) => line.archived);
  const away = address.has("archive") || (typed !== "" && archived.length > 0);
  return (
    <>
      {lines.length > 1 && (
        <div className="mb-3 flex flex-wrap items-center gap-2">
          <label className="field flex w-64 items-center gap-1.5">
            <Search size={13} aria-hidden="true" className="text-faint" />
            <input
              type="search"
              className="min-w-0 flex-1 bg-transparent outline-none"
              aria-label="Find a theme"
              placeholder="Theme, channel or scene"
              value={typed}
              onChange={(event) => set("find", event.target.value)}
            />
          </label>
          <select
            className="field"
            aria-label="Order of the themes"
            value={order}
            onChange={(event) =>
              set("order", event.target.value === ("changed" satisfies Order) ? "" : event.target.value)
            }
          >
            {ORDERS.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
          <span className="text-faint" role="status">
            {typed !== "" && `${String(hits.length)} of ${String(lines.length)}`}
          </span>
        </div>
      )}
      {hits.length === 0 && (
        <p className="text-faint">
          No theme, channel or scene has “{typed}” in its name.{" "}
          <button className="btn" onClick={() => set("find", "")}>
            Show all
          </button>
        </p>
      )}
      {shown.length > 0 && strips(shown)}
      {shown.length === 0 && hits.length > 0 && <p className="text-faint">All of these are in the archive.</p>}
      {archived.length > 0 && (
        <section aria-label="Archive" className="mt-6">
          <button
            className="mb-2 flex items-center gap-1 text-faint"
            aria-expanded={away}
            onClick={() => set("archive", address.has("archive") ? "" : "open")}
          >
            {away ? <ChevronDown size={14} /> : <ChevronRight size={14} />}
            Archive ({archived.length})
          </button>
          {away && strips(archived)}
        </section>
      )}
    </>
  );
}

/** Begins a theme with a few questions, each with its picture; from a picture; or empty. */
function NewTheme({ first, begin }: { first: boolean; begin: ReturnType<typeof useBeginWith> }) {
  const navigate = useNavigate();
  const [name, setName] = useState("");
  const chooser = useRef<HTMLInputElement>(null);
  const create = useMutation({
    mutationFn: () => answer(api.POST("/api/themes", { body: { name } })),
    onSuccess: (theme) => void navigate(`/themes/${theme.id}/brand`),
    onError: sayProblem,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    create.mutate();
  };
  return (
    <div className="mb-4 flex flex-wrap items-center gap-x-3 gap-y-2">
      <button
        className="btn btn-main"
        disabled={begin.busy}
        onClick={() => begin.empty(first ? "My theme" : "New theme")}
      >
        <Plus size={15} />
        {begin.busy ? "Making it …" : first ? "Make your first theme" : "New theme"}
      </button>
      <button className="btn" disabled={begin.busy} onClick={() => chooser.current?.click()}>
        <FileUp size={14} />
        From a file
      </button>
      <input
        ref={chooser}
        type="file"
        className="hidden"
        accept={`${COLOUR_FILES},.zip`}
        aria-label="Picture, palette or package to begin a theme with"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) begin.file(file);
          event.target.value = "";
        }}
      />
      <span className="text-faint">or drop one here: a picture, a palette, a package, a folder of files</span>
      <form onSubmit={submit} className="flex items-center gap-2 sm:ml-auto">
        <label htmlFor="empty" className="text-faint">
          Without questions
        </label>
        <input
          id="empty"
          className="field w-44"
          aria-label="Name of the new theme"
          placeholder="Name"
          required
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="btn" disabled={create.isPending}>
          Empty theme
        </button>
      </form>
    </div>
  );
}
