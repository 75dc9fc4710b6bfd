import { useMutation, useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { createContext, useCallback, useContext, useEffect, useMemo } from "react";
import { useParams } from "react-router";
import { answer, api, soon, type Edit, type Piece, type Schemas, type Theme, type ThemeView } from "../api/client";
import { live } from "../api/live";
import { Looking } from "../app/looking";
import { useSettled } from "../app/useSettled";
import { contentName } from "../app/contentName";
import { sayProblem, useNotices } from "../app/notices";
import { EditLine } from "./editLine";
import { lacks } from "../app/roles";

export function useThemeId(): string {
  return useParams()["id"] ?? "";
}

/**
 * The theme for a part of a page that may come a moment later than the rest, such as what stands beside the stage while
 * something is dragged: it is drawn anew only with what is given here, and never by the theme itself.
 */
export const LaterTheme = createContext<ThemeView | null>(null);

/** Who shows a theme's pages asks for it anew when it may be old. */
export function useThemeQuery(options: { staleTime?: number; notifyOnChangeProps?: [] } = {}) {
  const id = useThemeId();
  return useQuery({
    queryKey: ["theme", id],
    queryFn: () => answer(api.GET("/api/themes/{id}", { params: { path: { id } } })),
    ...options,
  });
}

/** What stands on the pages takes the theme that is there: every change is told. */
const OF_THE_PAGE = { staleTime: Infinity };
/** Changes are of no interest. */
const UNHEARD: { staleTime: number; notifyOnChangeProps: [] } = { ...OF_THE_PAGE, notifyOnChangeProps: [] };

/** The theme, on pages that are only shown when it is there. */
export function useTheme(): ThemeView {
  const later = useContext(LaterTheme);
  const query = useThemeQuery(later ? UNHEARD : OF_THE_PAGE);
  const data = later ?? query.data;
  if (!data) throw new Error("This page is shown inside ThemeFrame only.");
  return data;
}

/** A name of the theme's look: what pieces of a kind are drawn with, whatever stands on the scenes. */
export function useLook(): string {
  return useLookOf(useTheme().theme);
}

/** The same of a theme that is at hand. */
export function useLookOf(theme: Theme): string {
  const { name, brand, family, artworks, faces } = theme;
  return useMemo(() => contentName(name, brand, family, artworks, faces), [name, brand, family, artworks, faces]);
}

/** A name of what one piece shows, alone or as on a scene. */
export function usePieceName(piece: Piece, canvas: string, scene: string): string {
  const { theme } = useTheme();
  const look = useLook();
  return useMemo(
    () =>
      contentName(
        look,
        piece,
        theme.pieces.find((one) => one.id === piece.share),
        theme.canvases.find((one) => one.id === canvas),
        theme.scenes.find((one) => one.id === scene),
        theme.lines,
        theme.captures,
      ),
    [look, piece, theme, canvas, scene],
  );
}

export function useCatalogue() {
  return useQuery({ queryKey: ["catalogue"], queryFn: () => answer(api.GET("/api/catalogue")), staleTime: Infinity });
}

/** Where everything stands on every canvas; of one scene only where that is enough. */
export function useLayouts(scene = "") {
  const id = useThemeId();
  return useQuery({
    queryKey: ["layouts", id, scene],
    queryFn: () =>
      answer(api.GET("/api/themes/{id}/layouts", { params: { path: { id }, query: scene === "" ? {} : { scene } } })),
    placeholderData: (old) => old,
  });
}

/** While somebody drags, versions follow one another; only the last one is judged. */
function useSettledVersion(): number {
  return useSettled(useTheme().version, 500);
}

/** All that is found, the worst first, with fixes that were tried. */
export function useFindings() {
  const id = useThemeId();
  const version = useSettledVersion();
  return useQuery({
    queryKey: ["findings", id, version],
    queryFn: () => answer(api.GET("/api/themes/{id}/findings", { params: { path: { id } } })),
    placeholderData: (old) => old,
  });
}

/** What flashes too often; judging it takes longer. */
export function useFlashes() {
  const id = useThemeId();
  const version = useSettledVersion();
  return useQuery({
    queryKey: ["flashes", id, version],
    queryFn: () => answer(api.GET("/api/themes/{id}/flashes", { params: { path: { id } } })),
    placeholderData: (old) => old,
  });
}

/** Fixes all that can be fixed, as one step. */
export function useRepair() {
  const id = useThemeId();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  return useMutation({
    mutationFn: () => inTurn(() => answer(api.POST("/api/themes/{id}/repair", { params: { path: { id } } }))),
    onSuccess: ({ theme, done, left }) => {
      takeView(queries, theme);
      say(
        `${String(done.length)} fixed. ${left.length === 0 ? "Nothing is left." : `${String(left.length)} left, which a person must decide.`}`,
      );
    },
    onError: sayProblem,
  });
}

/** What is computed from a theme; asked for again after each change. */
const DERIVED = ["layouts", "brand", "artworks", "ledger", "history"];

/** An edit is answered, and told to everybody who looks on; what is computed is asked for once; milliseconds. */
const TOGETHER = 100;
/** So often at most while edits follow one another. */
const REFRESH = { least: TOGETHER, patiently: 1, longest: 20_000 };
const changedThemes = new Map<string, QueryClient>();
let planned = 0;

const derived = new Looking(async () => {
  const all = [...changedThemes];
  changedThemes.clear();
  await Promise.all(
    all.flatMap(([id, queries]) => {
      void queries.invalidateQueries({ queryKey: ["show"] });
      return DERIVED.map(async (name) => {
        // A first answer that is still on its way was perhaps computed before the change, and is not waited for.
        await queries.cancelQueries({ queryKey: [name, id] });
        await queries.invalidateQueries({ queryKey: [name, id] });
      });
    }),
  );
  return true;
}, REFRESH);

function refresh(queries: QueryClient, id: string): void {
  changedThemes.set(id, queries);
  if (planned !== 0) return;
  planned = window.setTimeout(() => {
    planned = 0;
    derived.look();
  }, TOGETHER);
}

export function takeView(queries: QueryClient, view: ThemeView): void {
  queries.setQueryData<ThemeView>(["theme", view.id], (old) => (old && old.version > view.version ? old : view));
  // An answer that is still on its way may be older than this one, and would take its place.
  if (queries.isFetching({ queryKey: ["theme", view.id] }) > 0)
    void queries.invalidateQueries({ queryKey: ["theme", view.id] });
  refresh(queries, view.id);
}

/** What an edit made of a theme, or what others made of it. */
type Change = Pick<Schemas["Changed"], "from" | "version" | "onAir" | "differs" | "change"> &
  Partial<Pick<Schemas["EditView"], "canUndo" | "canRedo">>;

/** One version of a theme made into another. */
export function changed(theme: Theme, change: Schemas["ThemeChange"]): Theme {
  return {
    name: change.name ?? theme.name,
    brand: change.brand ?? theme.brand,
    family: change.family ?? theme.family,
    canvases: change.canvases ?? theme.canvases,
    captures: change.captures ?? theme.captures,
    pieces: put(theme.pieces, change.pieces, change.pieceOrder),
    scenes: put(theme.scenes, change.scenes, change.sceneOrder),
    alerts: change.alerts ?? theme.alerts,
    pace: change.pace ?? theme.pace,
    sounds: change.sounds ?? theme.sounds,
    artworks: put(theme.artworks, change.artworks, change.artworkOrder),
    faces: change.faces ?? theme.faces,
    lines: change.lines ?? theme.lines,
    viewer: change.viewer ?? theme.viewer,
    bot: change.bot ?? theme.bot,
  };
}

function put<T extends { id: string }>(before: T[], others: T[], order: string[] | null): T[] {
  if (others.length === 0 && !order) return before;
  const all = new Map([...before, ...others].map((one) => [one.id, one]));
  return (order ?? before.map((one) => one.id)).flatMap((id) => all.get(id) ?? []);
}

/** Brings the theme that is known to a new version; whoever knows another one than it was made from asks for all of it. */
export function takeChange(queries: QueryClient, id: string, told: Change): void {
  const known = queries.getQueryData<ThemeView>(["theme", id]);
  if (!known) return;
  if (known.version > told.version) return;
  if (known.version !== told.from && known.version !== told.version) {
    void queries.invalidateQueries({ queryKey: ["theme", id] });
    refresh(queries, id);
    return;
  }
  const { version, onAir, differs, change } = told;
  const news = known.version !== version;
  takeView(queries, {
    ...known,
    version,
    onAir,
    differs,
    theme: news ? changed(known.theme, change) : known.theme,
    canUndo: told.canUndo ?? known.canUndo,
    canRedo: told.canRedo ?? known.canRedo,
  });
}

let queriesOfLine: QueryClient | null = null;

const line = new EditLine((id, edit, gesture) => {
  const queries = queriesOfLine;
  return answer(
    api.POST("/api/themes/{id}/edits", { params: { path: { id } }, body: { edit, gesture }, signal: soon() }),
  ).then(
    (done) => {
      if (queries) takeChange(queries, id, done);
      return true;
    },
    (error: unknown) => {
      sayProblem(error);
      void queries?.invalidateQueries({ queryKey: ["theme", id] });
      return false;
    },
  );
});

/** Whatever else changes a theme or puts it on air, in its turn between the edits. */
export const inTurn = <T>(call: () => Promise<T>): Promise<T> => line.inTurn(call);

/** Edits of all themes go one after another; each resolves to whether it was taken. */
export function useEdit() {
  const id = useThemeId();
  const queries = useQueryClient();
  return useCallback(
    (edit: Edit, gesture = "", between?: number) => {
      const role = queries.getQueryData<ThemeView>(["theme", id])?.role;
      const why = role ? lacks(role) : "";
      if (why !== "") {
        // Said at once: nothing moves first and then jumps back.
        useNotices.getState().say(why, true);
        return Promise.resolve(false);
      }
      queriesOfLine = queries;
      return line.add(id, edit, gesture, between);
    },
    [id, queries],
  );
}

/** Adds finished scenes, in another family if one is named; one undo takes them out again. */
export function useStart() {
  const id = useThemeId();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (wanted: Schemas["Start"]) =>
      inTurn(() => answer(api.POST("/api/themes/{id}/start", { params: { path: { id } }, body: wanted }))),
    onSuccess: (view: ThemeView) => takeView(queries, view),
    onError: sayProblem,
  });
}

export function useUndo() {
  const id = useThemeId();
  const queries = useQueryClient();
  const take = (done: Schemas["EditView"]) => takeChange(queries, id, done);
  const onError = (error: Error) => {
    sayProblem(error);
    void queries.invalidateQueries({ queryKey: ["theme", id] });
  };
  const at = () => ({ params: { path: { id } }, signal: soon() });
  const undo = useMutation({
    mutationFn: () => inTurn(() => answer(api.POST("/api/themes/{id}/undo", at())).then(take)),
    onError,
  });
  const redo = useMutation({
    mutationFn: () => inTurn(() => answer(api.POST("/api/themes/{id}/redo", at())).then(take)),
    onError,
  });
  return { undo: undo.mutate, redo: redo.mutate };
}

/** Hears of what somebody else, or another window, did to this theme. One's own edits answer for themselves. */
export function useOthersChanges(): void {
  const id = useThemeId();
  const queries = useQueryClient();
  useEffect(() => {
    const missed = live.onReturn(() => {
      void queries.invalidateQueries({ queryKey: ["theme", id] });
      refresh(queries, id);
    });
    const unfollow = live.followTheme(id, (told) => {
      // The answer of one's own edit that is on its way says what can be undone, and comes first.
      line.between(() => takeChange(queries, id, told));
    });
    return () => {
      missed();
      unfollow();
    };
  }, [id, queries]);
}

export function newId(prefix: string): string {
  return `${prefix}-${crypto.randomUUID().slice(0, 8)}`;
}

/** A piece as it stands in a zone of the plan, with nothing set by hand. */
export function inZone(piece: string, zone: Schemas["InZone"]["zone"]): Schemas["Placed"] {
  return {
    piece,
    spot: { by: "zone", zone },
    corrections: {},
    onCanvas: {},
    hidden: [],
    manner: { turn: 0, mirrored: false, flipped: false, opacity: 1, blend: "NORMAL" },
    manners: {},
    content: {},
    group: "",
    locked: false,
    arrival: "AS_SCENE",
  };
}
