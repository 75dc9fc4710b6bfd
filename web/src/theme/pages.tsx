import type { ReactNode } from "react";
import type { RouteObject } from "react-router";
import { AlertsPage } from "../alerts/AlertsPage";
import { BrandPage } from "../colour/BrandPage";
import { DeskStep } from "../desk/DeskStep";
import { FactsPage } from "../facts/FactsPage";
import { LoosePage } from "../loose/LoosePage";
import { MovePage } from "../move/MovePage";
import { PiecePage } from "../piece/PiecePage";
import { PublishPage } from "../publish/PublishPage";
import { RigPage } from "../rig/RigPage";
import { SheetPage } from "../sheet/SheetPage";
import { StagePage } from "../stage/StagePage";
import { Comeback } from "./Comeback";
import { PiecesPage } from "./PiecesPage";
import type { Path } from "./screens";

const PAGES: Record<Path, ReactNode> = {
  brand: <BrandPage />,
  "brand/pictures": <BrandPage pictures />,
  "brand/loose": <LoosePage />,
  pieces: <PiecesPage />,
  "pieces/:piece": <PiecePage />,
  sheet: <SheetPage />,
  "stage/:scene/:canvas": <StagePage />,
  facts: <FactsPage />,
  alerts: <AlertsPage />,
  rehearse: <RigPage />,
  publish: <PublishPage />,
  desk: <DeskStep />,
  move: <MovePage />,
};

/** For the router, below a theme. */
export const THEME_ROUTES: RouteObject[] = [
  { index: true, element: <Comeback /> },
  ...Object.entries(PAGES).map(([path, element]) => ({ path, element })),
];
