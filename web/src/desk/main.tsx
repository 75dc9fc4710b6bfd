import { QueryClientProvider } from "@tanstack/react-query";
import { lazy, StrictMode, Suspense, useEffect, useState } from "react";
import { createRoot } from "react-dom/client";
import { live } from "../api/live";
import { keepPageFromFiles } from "../app/dropped";
import { startInNight } from "../app/night";
import { Notices } from "../app/notices";
import { Queries } from "../app/queries";
import { DeskPage } from "./DeskPage";
import { DoorProvider, passDoor, signedInDoor, type Door } from "./door";
import "../app/app.css";

const DeckPage = lazy(() => import("../deck/DeckPage").then((module) => ({ default: module.DeckPage })));
const PlayerPage = lazy(() => import("../player/PlayerPage").then((module) => ({ default: module.PlayerPage })));

startInNight();
keepPageFromFiles();

const queries = new Queries({
  defaultOptions: {
    mutations: { networkMode: "always" },
    queries: { networkMode: "always", retry: false, refetchOnWindowFocus: true },
  },
});

/** The show of somebody who is signed in stands in the path; a pass stands after #, which no server is told. */
function door(): Door | null {
  const show = /^\/desk\/([0-9a-f-]{36})$/.exec(location.pathname)?.[1];
  if (show) return signedInDoor(show);
  const token = location.hash.slice(1);
  if (!/^[\w-]{43}$/.test(token)) return null;
  live.withPass(token);
  return passDoor(token);
}

function Desk() {
  const [at] = useState(door);
  // Another link in the same tab is another desk.
  useEffect(() => {
    const again = () => location.reload();
    addEventListener("hashchange", again);
    return () => removeEventListener("hashchange", again);
  }, []);
  if (!at) {
    return (
      <main className="p-4">
        <h1 className="mb-2">There is no desk at this link</h1>
        <p>
          The link of a pass may have been cut off while it was copied: it ends with 43 letters and digits. Ask whoever
          gave it to you for the whole one, or scan its code.
        </p>
      </main>
    );
  }
  return (
    <DoorProvider value={at}>
      <Suspense fallback={<p className="p-4 text-faint">Opening …</p>}>
        {location.pathname === "/deck" ? (
          <DeckPage token={location.hash.slice(1)} />
        ) : location.pathname === "/player" ? (
          <PlayerPage token={location.hash.slice(1)} />
        ) : (
          <DeskPage />
        )}
      </Suspense>
    </DoorProvider>
  );
}

createRoot(document.getElementById("root") as HTMLElement).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <Desk />
      <Notices />
    </QueryClientProvider>
  </StrictMode>,
);
