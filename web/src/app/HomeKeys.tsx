import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api } from "../api/client";
import { useWorkspaceId } from "../api/workspace";
import { Finder, type Findable } from "./Finder";
import { PLACES } from "./places";
import { Shortcuts } from "./Shortcuts";
import { useWorkspace } from "./useWorkspace";

/** The keys that work outside of themes, the list of them, and the finder. */
export function HomeKeys() {
  const [shown, setShown] = useState<"" | "shortcuts" | "finder">("");
  const navigate = useNavigate();
  const { here, all, go } = useWorkspace();
  const id = useWorkspaceId((state) => state.id);
  const shelf = useQuery({
    queryKey: ["shelf", id],
    queryFn: () => answer(api.GET("/api/themes")),
    enabled: shown === "finder" && here?.id === id,
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLInputElement ||
        event.target instanceof HTMLTextAreaElement ||
        event.target instanceof HTMLSelectElement;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") setShown("finder");
      else if (event.key === "?" && !typing) setShown("shortcuts");
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, []);
  const found: Findable[] = [
    ...PLACES.map((place) => ({ name: place.name, sort: "screen", go: () => void navigate(place.to) })),
    ...(shelf.data ?? []).map((theme) => ({
      name: theme.name,
      sort: "theme",
      go: () => void navigate(`/themes/${theme.id}`),
    })),
    ...all.filter((one) => one !== here).map((one) => ({ name: one.name, sort: "workspace", go: () => go(one.id) })),
  ];
  return (
    <>
      <Shortcuts open={shown === "shortcuts"} close={() => setShown("")} own={[]} />
      <Finder open={shown === "finder"} close={() => setShown("")} all={found} />
    </>
  );
}
