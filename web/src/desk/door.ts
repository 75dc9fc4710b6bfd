import { createContext, useContext } from "react";
import { answer, api, sendAtOnce, type Schemas } from "../api/client";
import type { Cue } from "../show/useShow";

export type DeskView = Schemas["DeskView"];
export type DeskReceipt = Schemas["DeskReceipt"];
export type AlertWish = Schemas["AlertWish"];

/** Which way one comes to a desk: signed in, or with a pass. */
export interface Door {
  /** Under which what it shows is kept. */
  key: string;
  view: () => Promise<DeskView>;
  cue: (wish: { cue: Cue; key: string; before: number }) => Promise<DeskReceipt>;
  undo: () => Promise<DeskReceipt>;
  redo: () => Promise<DeskReceipt>;
  /** Only for those who may do everything. */
  takeBack: ((number: number) => Promise<DeskReceipt>) | undefined;
  alerts: (wish: AlertWish) => Promise<DeskView>;
  /** Address of the picture of a card. @param key another one when there is another picture */
  cardPicture: (piece: string, card: number, key: string) => string;
}

export function signedInDoor(show: string): Door {
  const params = { path: { show } };
  return {
    key: show,
    view: () => answer(api.GET("/api/shows/{show}/desk", { params })),
    cue: (body) => sendAtOnce(`/api/shows/${show}/desk/cues`, body),
    undo: () => answer(api.POST("/api/shows/{show}/desk/undo", { params })),
    redo: () => answer(api.POST("/api/shows/{show}/desk/redo", { params })),
    takeBack: (number) =>
      answer(api.POST("/api/shows/{show}/desk/undo/{number}", { params: { path: { show, number } } })),
    alerts: (body) => answer(api.POST("/api/shows/{show}/desk/alerts", { params, body })),
    cardPicture: (piece, card, key) =>
      `/api/shows/${show}/desk/cards/${piece}/${String(card)}.png?v=${encodeURIComponent(key)}`,
  };
}

export function passDoor(token: string): Door {
  const params = { path: { token } };
  return {
    key: token,
    view: () => answer(api.GET("/cues/{token}", { params })),
    cue: (body) => sendAtOnce(`/cues/${token}`, body),
    undo: () => answer(api.POST("/cues/{token}/undo", { params })),
    redo: () => answer(api.POST("/cues/{token}/redo", { params })),
    takeBack: undefined,
    alerts: (body) => answer(api.POST("/cues/{token}/alerts", { params, body })),
    cardPicture: (piece, card, key) => `/cues/${token}/cards/${piece}/${String(card)}.png?v=${encodeURIComponent(key)}`,
  };
}

const DoorContext = createContext<Door | null>(null);
export const DoorProvider = DoorContext.Provider;

export function useDoor(): Door {
  const door = useContext(DoorContext);
  if (!door) throw new Error("A desk has a door.");
  return door;
}
