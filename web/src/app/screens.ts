import type { QueryClient } from "@tanstack/react-query";
import { lazy } from "react";
import { themeQuery } from "../theme/themeQuery";

/** The screens' files, by the word that stands for them in the address. */
const FILES = {
  shelf: () => import("../shelf/ShelfPage"),
  brand: () => import("../colour/BrandPage"),
  pieces: () => import("../theme/PiecesPage"),
  piece: () => import("../piece/PiecePage"),
  sheet: () => import("../sheet/SheetPage"),
  stage: () => import("../stage/StagePage"),
  rehearse: () => import("../rig/RigPage"),
  publish: () => import("../publish/LedgerPage"),
  move: () => import("../move/MovePage"),
};

export const ShelfPage = lazy(() => FILES.shelf().then((file) => ({ default: file.ShelfPage })));
export const BrandPage = lazy(() => FILES.brand().then((file) => ({ default: file.BrandPage })));
export const PiecesPage = lazy(() => FILES.pieces().then((file) => ({ default: file.PiecesPage })));
export const PiecePage = lazy(() => FILES.piece().then((file) => ({ default: file.PiecePage })));
export const SheetPage = lazy(() => FILES.sheet().then((file) => ({ default: file.SheetPage })));
export const StagePage = lazy(() => FILES.stage().then((file) => ({ default: file.StagePage })));
export const RigPage = lazy(() => FILES.rehearse().then((file) => ({ default: file.RigPage })));
export const LedgerPage = lazy(() => FILES.publish().then((file) => ({ default: file.LedgerPage })));
export const MovePage = lazy(() => FILES.move().then((file) => ({ default: file.MovePage })));

/** Asks for what an address needs while it is still found out who is signed in. */
export function ahead(address: string, queries: QueryClient): void {
  const [, themes, id, step = "sheet", more] = address.split("/");
  if (themes !== "themes" || id === undefined) {
    void FILES.shelf();
    return;
  }
  void queries.prefetchQuery({ ...themeQuery(id), retry: false });
  const name = step === "pieces" && more !== undefined ? "piece" : step;
  if (name in FILES) void FILES[name as keyof typeof FILES]();
}
