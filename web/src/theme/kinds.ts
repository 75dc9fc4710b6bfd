import type { Piece, Schemas } from "../api/client";
import { useCatalogue } from "./useTheme";

export type Kind = Schemas["KindView"];

/** What there is to know of a kind, as the catalogue says it; undefined until that is here. */
export function useKind(id: Piece["kind"]): Kind | undefined {
  return useKinds()(id);
}

/** The same for any kind. */
export function useKinds(): (id: Piece["kind"] | undefined) => Kind | undefined {
  const catalogue = useCatalogue();
  return (id) => catalogue.data?.kinds.find((kind) => kind.id === id);
}
