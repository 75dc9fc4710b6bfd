import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { Check, ChevronDown } from "lucide-react";
import { useState, type ReactNode } from "react";
import { NavLink } from "react-router";
import { NewWorkspace } from "../people/NewWorkspace";
import { HomeKeys } from "./HomeKeys";
import { Mark } from "./Mark";
import { PLACES } from "./places";
import { useSession, useSignOut } from "./useSession";
import { useWorkspace } from "./useWorkspace";

/** The head line around every page that is not about one theme. @param says what the page answers, in one line */
export function Home({ title, says, children }: { title: string; says: string; children: ReactNode }) {
  return (
    <div className="mx-auto max-w-6xl p-4 sm:p-6">
      <header className="mb-5 flex flex-wrap items-center gap-x-3 gap-y-2">
        <Mark size={26} />
        <h1>{title}</h1>
        <span className="text-faint">{says}</span>
        <nav className="ml-auto flex flex-wrap items-center gap-2" aria-label="Outside of themes">
          <WorkspaceMenu />
          {PLACES.map((place) => (
            <NavLink key={place.to} to={place.to} end className="btn aria-[current=page]:border-ink">
              {place.name}
            </NavLink>
          ))}
          <SignOut />
        </nav>
      </header>
      <main>{children}</main>
      <HomeKeys />
    </div>
  );
}

/** In which workspace one is, and the others. */
function WorkspaceMenu() {
  const { here, all, go } = useWorkspace();
  const [making, setMaking] = useState(false);
  return (
    <>
      <Menu>
        <MenuButton className="btn max-w-56" aria-label={`Workspace: ${here?.name ?? "none"}`}>
          <span className="truncate">{here?.name ?? "No workspace"}</span>
          <ChevronDown size={13} className="shrink-0" aria-hidden="true" />
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="z-30 min-w-56 border border-rule bg-sheet py-1 shadow focus:outline-none"
        >
          {all.map((one) => (
            <MenuItem key={one.id}>
              <button
                className="flex w-full items-center gap-2 px-3 py-1 text-left data-focus:bg-kelp-soft"
                onClick={() => go(one.id)}
              >
                <Check size={12} className={one.id === here?.id ? "" : "invisible"} aria-hidden="true" />
                <span className="truncate">{one.name}</span>
                {one.id === here?.id && <span className="sr-only">, where you are</span>}
                <span className="ml-auto pl-4 text-faint">{one.demo ? "demo" : one.role.toLowerCase()}</span>
              </button>
            </MenuItem>
          ))}
          <MenuItem>
            <button
              className="w-full border-t border-rule px-3 py-1 pl-8 text-left data-focus:bg-kelp-soft"
              onClick={() => setMaking(true)}
            >
              New workspace …
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      {making && <NewWorkspace close={() => setMaking(false)} made={go} />}
    </>
  );
}

function SignOut() {
  const session = useSession();
  const signOut = useSignOut();
  return (
    <button className="btn" title={session.data?.email} onClick={signOut}>
      Sign out
    </button>
  );
}
