import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { answer, api, sendFile, type Schemas, type TableEdit } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { useDeed } from "../app/useDeed";
import { useTheme } from "../theme/useTheme";
import { changed, type Sheet } from "./cells";

/** The page looks again so often; milliseconds. */
const LOOKS = 1500;

/** The tables of the show, with what texts may take from them. */
export function useTables(looking = false) {
  const { show } = useTheme();
  return useQuery({
    queryKey: ["tables", show],
    queryFn: () => answer(api.GET("/api/shows/{show}/tables", { params: { path: { show } } })),
    ...(looking ? { refetchInterval: LOOKS } : {}),
  });
}

export function useNewTable(made: (id: string) => void) {
  const { show } = useTheme();
  return useDeed(
    (title: string) => answer(api.POST("/api/shows/{show}/tables", { params: { path: { show } }, body: { title } })),
    (sheet) => {
      made(sheet.id);
      return `${sheet.head.title} is there. Type into its cells, or paste from a spreadsheet.`;
    },
    [["tables", show]],
  );
}

/** One table as it is now, and what can be done to it. */
export function useSheet(table: string) {
  const { show } = useTheme();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const key = ["table", table];
  const path = { params: { path: { show, table } } };
  const sheet = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/shows/{show}/tables/{table}", path)),
  });
  const version = useTables(true).data?.find((one) => one.id === table)?.version;
  const mine = sheet.data?.version;
  useEffect(() => {
    // Somebody else, or a script, wrote into it.
    if (version !== undefined && mine !== undefined && version > mine)
      void queries.invalidateQueries({ queryKey: ["table", table] });
  }, [version, mine, queries, table]);
  const turn = useRef<Promise<unknown>>(Promise.resolve());
  const take = (change: Schemas["TableChange"]) => {
    const before = queries.getQueryData<Sheet>(key);
    const after = before && changed(before, change);
    if (after) queries.setQueryData(key, after);
    else void queries.invalidateQueries({ queryKey: key });
    void queries.invalidateQueries({ queryKey: ["tables", show] });
  };
  const edit = useMutation({
    mutationFn: (wish: TableEdit) =>
      answer(api.POST("/api/shows/{show}/tables/{table}/edits", { ...path, body: wish })),
    onSuccess: take,
    onError: sayProblem,
  });
  const back = useMutation({
    mutationFn: (wish: "undo" | "redo") =>
      wish === "undo"
        ? answer(api.POST("/api/shows/{show}/tables/{table}/undo", path))
        : answer(api.POST("/api/shows/{show}/tables/{table}/redo", path)),
    onSuccess: take,
    onError: sayProblem,
  });
  const bring = useMutation({
    mutationFn: (file: Blob) => sendFile<Schemas["TableChange"]>(`/api/shows/${show}/tables/${table}/csv`, file),
    onSuccess: (change) => {
      take(change);
      say(
        change.from === change.version
          ? "It says what stood there already."
          : "Taken in. Undo brings back what was there.",
      );
    },
    onError: sayProblem,
  });
  return {
    sheet,
    /**
     * Whether it was taken; else the reason was said. One after another, so that each is made from what the one before
     * it left: a cell of a new row that is typed at once is of the row that the cell before it made.
     */
    edit: (wish: TableEdit | ((now: Sheet) => TableEdit)) => {
      const mine = turn.current.then(() => {
        const now = queries.getQueryData<Sheet>(key);
        return edit.mutateAsync(typeof wish === "function" && now ? wish(now) : (wish as TableEdit)).then(
          () => true,
          () => false,
        );
      });
      turn.current = mine;
      return mine;
    },
    back: (wish: "undo" | "redo") => back.mutate(wish),
    bring: (file: Blob) => bring.mutate(file),
    busy: bring.isPending || back.isPending,
  };
}
