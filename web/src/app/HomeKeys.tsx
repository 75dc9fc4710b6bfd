import { useCallback, useState } from "react";
import { useNavigate } from "react-router";
import { useBegin } from "../shelf/useBegin";
import { useShelf } from "../shelf/useShelf";
import { includes } from "./roles";
import { useSignOut } from "./useSession";
import type { Findable } from "./Finder";
import { FinderKeys } from "./FinderKeys";
import { PLACES } from "./places";
import { useWorkspace } from "./useWorkspace";

/** The keys that work outside of themes, the list of them, and the finder. */
export function HomeKeys() {
  const navigate = useNavigate();
  const { here, all, go } = useWorkspace();
  const [looking, setLooking] = useState(false);
  const look = useCallback(() => setLooking(true), []);
  const shelf = useShelf(looking);
  const begin = useBegin();
  const signOut = useSignOut();
  const found = (): Findable[] => [
    ...(here && includes(here.role, "DESIGNER")
      ? [{ name: "New theme", sort: "action", go: () => begin.mutate({ name: "New theme" }) }]
      : []),
    ...PLACES.map((place) => ({ name: place.name, sort: "screen", go: () => void navigate(place.to) })),
    ...(shelf.data ?? []).map((theme) => ({
      name: theme.name,
      sort: "theme",
      go: () => void navigate(`/themes/${theme.id}`),
    })),
    { name: "Sign out", sort: "action", go: signOut },
    ...all.filter((one) => one !== here).map((one) => ({ name: one.name, sort: "workspace", go: () => go(one.id) })),
  ];
  return <FinderKeys all={found} own={[]} sought={look} />;
}
