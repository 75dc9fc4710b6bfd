/** What the server sends to painters; see docs/protocol.md. Instants are epoch milliseconds on the server's clock. */

export interface Frame {
  offset: number;
  transform: string;
  opacity: number;
}

export interface Movement {
  part: string;
  frames: Frame[];
  easing: string;
  millis: number;
  delay: number;
  /** 0 for ever. */
  cycles: number;
  alternate: boolean;
  /** 0 for loops that run by the shared clock. */
  start: number;
}

export interface Layer {
  piece: string;
  svg: string;
  movements: Movement[];
  /** How it meets the layers under it, in CSS's words. */
  blend: string;
}

export interface Picture {
  width: number;
  height: number;
  layers: Layer[];
}

/** Turns one picture into the next: layers that are not listed stay, pieces that are not in the order go. */
export interface Patch {
  number: number;
  hash: string;
  width: number;
  height: number;
  order: string[];
  layers: Layer[];
}
