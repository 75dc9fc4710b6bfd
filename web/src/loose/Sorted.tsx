import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useSettled } from "../app/useSettled";
import { inTurn, useTheme } from "../theme/useTheme";
import { FileList } from "./FileList";
import { Places } from "./Places";
import { ProposedScenes } from "./ProposedScenes";
import { ToLookAt } from "./ToLookAt";
import type { PackLine } from "./usePack";

export type Choices = Schemas["LooseChoices"];
export type PackView = Schemas["PackView"];
export type PackFile = Schemas["PackFileView"];
export type FileChoice = Schemas["FileChoice"];

const NONE: Choices = { files: [], places: [] };

/** What is in a pack and what would become of it; every line of it can be chosen otherwise. */
export function Sorted({ line, leave }: { line: PackLine; leave: () => void }) {
  const { id, theme, version } = useTheme();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const [choices, setChoices] = useState(NONE);
  const settled = useSettled(choices, 150);
  const view = useQuery({
    queryKey: ["pack", id, line.id, version, settled],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{theme}/packs/{pack}/proposal", {
          params: { path: { theme: id, pack: line.id } },
          body: { choices: settled },
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
  const take = useMutation({
    mutationFn: () =>
      inTurn(() =>
        answer(
          api.POST("/api/themes/{theme}/packs/{pack}/taken", {
            params: { path: { theme: id, pack: line.id } },
            body: { choices },
          }),
        ),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["packs", id] });
      void queries.invalidateQueries({ queryKey: ["theme", id] });
      void queries.invalidateQueries({ queryKey: ["artworks", id] });
      say(`It is in ${theme.name} now; one undo takes all of it out again.`);
      void navigate(`/themes/${id}/sheet`);
    },
    onError: sayProblem,
  });
  const choose = (number: number, change: Partial<FileChoice>) => {
    const shown = view.data?.files.find((one) => one.number === number);
    const before: FileChoice = choices.files.find((one) => one.number === number) ?? {
      number,
      what: null,
      out: shown?.out ?? false,
      name: "",
      apart: false,
      instead: false,
    };
    const group = view.data?.files.filter((one) => one.of === shown?.of).map((one) => one.number) ?? [];
    const others = choices.files
      .filter((one) => one.number !== number)
      // One of a group is taken instead of the others.
      .map((one) => (change.instead && group.includes(one.number) ? { ...one, instead: false } : one));
    setChoices({ ...choices, files: [...others, { ...before, ...change }] });
  };
  const place = (which: string, value: string) =>
    setChoices({
      ...choices,
      places: [...choices.places.filter((one) => one.place !== which), { place: which, value }],
    });
  if (view.isPending) return <p className="text-faint">Sorting …</p>;
  if (!view.data) return <Trouble query={view} />;
  const { files, taken } = view.data;
  const changed = choices !== NONE;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <span>
          <b>{count(files.length, "file")}</b>: {summary(files, taken)}
        </span>
        {line.missing.length > 0 && (
          <span className="text-ochre">{count(line.missing.length, "more was", "more were")} not read.</span>
        )}
        <span className="ml-auto flex gap-2">
          {changed && (
            <button className="btn" onClick={() => setChoices(NONE)}>
              Back to the proposal
            </button>
          )}
          <button className="btn" onClick={leave}>
            Leave them
          </button>
          <button className="btn btn-main" disabled={taken === 0 || take.isPending} onClick={() => take.mutate()}>
            {take.isPending ? "Taking them …" : `Take them into ${theme.name}`}
          </button>
        </span>
      </div>
      <Trouble query={view} />
      {view.data.notes.map((note) => (
        <p key={note} className="text-ochre">
          {note}
        </p>
      ))}
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-6">
        <FileList pack={line.id} files={files} sorts={view.data.sorts} choose={choose} />
        <div className="min-w-0">
          <ProposedScenes pack={line.id} view={view.data} choices={settled} />
          {view.data.scenes.length > 0 && <ToLookAt pack={line.id} choices={settled} />}
          <Places places={view.data.places} place={place} />
        </div>
      </div>
    </>
  );
}

export function count(number: number, one: string, other = `${one}s`): string {
  return `${String(number)} ${number === 1 ? one : other}`;
}

function summary(files: PackFile[], taken: number): string {
  const same = files.filter((one) => one.bond !== "ITSELF").length;
  const out = files.length - taken - same;
  return [
    `${String(taken)} would be taken`,
    same === 0 ? "" : `${String(same)} stand for the same as another`,
    out === 0 ? "" : `${String(out)} left out`,
  ]
    .filter((one) => one !== "")
    .join(", ");
}
