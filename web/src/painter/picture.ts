/** What the server sends to painters; see docs/protocol.md. Instants are epoch milliseconds on the server's clock. */
import type { Schemas } from "../api/client";

export type Frame = Schemas["Frame"];
export type Movement = Schemas["Movement"];
export type Layer = Schemas["Layer"];
export type Picture = Schemas["Picture"];

/** Turns one picture into the next: layers that are not listed stay, pieces that are not in the order go. */
export type Patch = Omit<Schemas["Patch"], "type" | "feed">;
