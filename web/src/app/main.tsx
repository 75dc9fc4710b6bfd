import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { MovePage } from "../move/MovePage";
import { LedgerPage } from "../publish/LedgerPage";
import { RigPage } from "../rig/RigPage";
import { ShelfPage } from "../shelf/ShelfPage";
import { StagePage } from "../stage/StagePage";
import { BrandPage } from "../colour/BrandPage";
import { PiecePage } from "../piece/PiecePage";
import { PiecesPage } from "../theme/PiecesPage";
import { SheetPage } from "../sheet/SheetPage";
import { ThemeFrame } from "../theme/ThemeFrame";
import { Problem } from "../api/client";
import { Notices } from "./notices";
import { SignedIn } from "./SignedIn";
import { startInNight } from "./night";
import "./app.css";

startInNight();
const ASK_AGAIN = 2000;
const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // What went wrong is said at once; what passes by itself (no server, no database, too many at once) is asked for again until it came.
      retry: false,
      refetchInterval: (query) =>
        query.state.error instanceof Problem && query.state.error.passes ? ASK_AGAIN : false,
      staleTime: 2000,
    },
  },
});

createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <SignedIn>
          <Routes>
            <Route path="/" element={<ShelfPage />} />
            <Route path="/themes/:id" element={<ThemeFrame />}>
              <Route index element={<Navigate to="sheet" replace />} />
              <Route path="brand" element={<BrandPage />} />
              <Route path="brand/pictures" element={<BrandPage pictures />} />
              <Route path="pieces" element={<PiecesPage />} />
              <Route path="pieces/:piece" element={<PiecePage />} />
              <Route path="sheet" element={<SheetPage />} />
              <Route path="stage/:scene/:canvas" element={<StagePage />} />
              <Route path="rehearse" element={<RigPage />} />
              <Route path="publish" element={<LedgerPage />} />
              <Route path="move" element={<MovePage />} />
            </Route>
            <Route path="*" element={<Navigate to="/" replace />} />
          </Routes>
        </SignedIn>
        <Notices />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
