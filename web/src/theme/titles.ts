import type { Schemas } from "../api/client";
import { useCatalogue } from "./useTheme";

type Catalogue = Schemas["Catalogue"];

const EMPTY: Pick<Catalogue, "sceneRoles" | "roles" | "behaviours" | "blends"> = {
  sceneRoles: [],
  roles: [],
  behaviours: [],
  blends: [],
};

/** What there is to choose from, with its titles, as the catalogue says it; empty until that is here. */
export function useChoices() {
  return useCatalogue().data ?? EMPTY;
}

/** What a scene that is shown by itself can be for. */
export function useShownRoles() {
  return useChoices().sceneRoles.filter(({ id }) => id !== "ALWAYS");
}

/** The title of one of them. */
export function titleOf<T extends string>(all: { id: T; title: string }[], id: T): string {
  return all.find((one) => one.id === id)?.title ?? "";
}

/** How much is taken; undefined until the catalogue is here. */
export function useLimits(): Catalogue["limits"] | undefined {
  return useCatalogue().data?.limits;
}
