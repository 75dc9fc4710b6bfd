import { MutationCache, QueryCache, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Navigate, useRoutes } from "react-router";
import { AccountPage } from "../account/AccountPage";
import { BeginPage } from "../begin/BeginPage";
import { PeoplePage } from "../people/PeoplePage";
import { RecordPage } from "../people/RecordPage";
import { ShelfPage } from "../shelf/ShelfPage";
import { THEME_ROUTES } from "../theme/pages";
import { ThemeFrame } from "../theme/ThemeFrame";
import { Problem } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { keepPageFromFiles } from "./dropped";
import { Notices } from "./notices";
import { Queries } from "./queries";
import { SignedIn } from "./SignedIn";
import { startInNight } from "./night";
import { SESSION } from "./useSession";
import "./app.css";

startInNight();
keepPageFromFiles();
// A face that comes with the first word set in it has the whole page laid out anew, as when the first piece is seized.
for (const face of ["600 1em 'Hanken Grotesk'", "700 1em 'Hanken Grotesk'", "1em 'Atkinson Hyperlegible'"])
  void document.fonts.load(face);
const ASK_AGAIN = 2000;
/** Whoever is told that they are not signed in was signed out meanwhile. */
function signedOut(error: Error, key?: readonly unknown[]) {
  const wasIn = queries.getQueryData(SESSION) !== undefined;
  if (wasIn && error instanceof Problem && error.status === 401 && key?.[0] !== SESSION[0]) {
    void queries.invalidateQueries({ queryKey: SESSION });
  }
}

const queries: Queries = new Queries({
  queryCache: new QueryCache({ onError: (error, query) => signedOut(error, query.queryKey) }),
  mutationCache: new MutationCache({ onError: (error) => signedOut(error) }),
  defaultOptions: {
    // Whether the browser thinks that it is online says nothing of a server on this machine; and what cannot be sent
    // now must not be sent by itself later, in the middle of a show.
    mutations: { networkMode: "always" },
    queries: {
      networkMode: "always",
      // What went wrong is said at once; what passes by itself (no server, no database, too many at once) is asked for again until it came.
      retry: false,
      refetchInterval: (query) =>
        query.state.error instanceof Problem && query.state.error.passes ? ASK_AGAIN : false,
      staleTime: 2000,
    },
  },
});

// Of the workspace that a tab is in, and not named by it.
const OF_THE_WORKSPACE = ["channels", "rig"];
useWorkspaceId.subscribe(({ id }, before) => {
  if (id !== before.id)
    void queries.resetQueries({ predicate: ({ queryKey }) => OF_THE_WORKSPACE.includes(String(queryKey[0])) });
});

function Screens() {
  return useRoutes([
    { path: "/", element: <ShelfPage /> },
    { path: "/people", element: <PeoplePage /> },
    { path: "/record", element: <RecordPage /> },
    { path: "/account", element: <AccountPage /> },
    { path: "/themes/:id/begin", element: <BeginPage /> },
    { path: "/themes/:id", element: <ThemeFrame />, children: THEME_ROUTES },
    { path: "*", element: <Navigate to="/" replace /> },
  ]);
}

createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter useTransitions={false}>
        <SignedIn>
          <Screens />
        </SignedIn>
        <Notices />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
