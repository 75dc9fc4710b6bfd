import { createContext, useContext } from "react";
import type { Schemas } from "../api/client";

/** Whether rights include a deed. @param about id of the piece or sequence; empty for what is about the whole show */
export function takes(rights: readonly Schemas["MayDo"][], deed: string, about = ""): boolean {
  return rights.some((one) => one.deed === deed && (one.pieces.length === 0 || one.pieces.includes(about)));
}

export type MayDo = (deed: string, about?: string) => boolean;

const Rights = createContext<MayDo>(() => true);
export const RightsProvider = Rights.Provider;

/** Whether whoever is here may do something; everything where nobody said otherwise. */
export function useMayDo(): MayDo {
  return useContext(Rights);
}
