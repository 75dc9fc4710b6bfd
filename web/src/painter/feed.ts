import type { Schemas } from "../api/client";
import type { Painter } from "./painter";
import type { Layer, Patch, Picture } from "./picture";
import { picturesToLoad } from "./pictures";

/** Where a painter stands in a feed: what it says when it comes back. */
export type Standing = Pick<Schemas["Watch"], "epoch" | "number" | "hash">;

export type Welcome = Omit<Schemas["Welcome"], "type" | "feed">;

/** A picture whose layers the server wrote into the page already. */
export interface First {
  hash: string;
  x: number;
  y: number;
  width: number;
  height: number;
  layers: Omit<Layer, "svg" | "blend" | "box">[];
}

const RETRY = 700;

/** Keeps one painter in step with one feed: fetches the whole when it must, applies patches in order otherwise. */
export class FeedFollower {
  readonly standing: Standing = { epoch: "", number: -1, hash: "" };
  private readonly painter: Painter;
  private readonly again: () => void;
  private readonly changed: () => void;
  private waiting: Patch[] | null = null;
  private asked = 0;

  /**
   * @param again   asks the server for a new welcome
   * @param changed called after each painted change
   */
  constructor(painter: Painter, again: () => void, changed: () => void) {
    this.painter = painter;
    this.again = again;
    this.changed = changed;
  }

  /** Takes over the picture that came with the page; the welcome then says whether it is still the present one. */
  begin(first: First): void {
    this.painter.adopt(first);
    this.standing.hash = first.hash;
    this.changed();
  }

  async welcome(welcome: Welcome): Promise<void> {
    this.standing.epoch = welcome.epoch;
    if (welcome.hash === "" || welcome.hash === this.standing.hash) {
      this.standing.number = welcome.number;
      this.changed();
      return;
    }
    const mine = ++this.asked;
    this.waiting = [];
    const picture = await fetchPicture(welcome.hash);
    if (picture) await picturesToLoad(picture.layers);
    if (mine !== this.asked) return;
    const missed: Patch[] = this.waiting;
    this.waiting = null;
    if (!picture) {
      // The server that keeps this picture may just be away; asking again at once would only load it.
      window.setTimeout(() => this.restart(), RETRY);
      return;
    }
    this.painter.show(picture);
    this.standing.number = welcome.number;
    this.standing.hash = welcome.hash;
    missed.forEach((patch) => this.patch(patch));
    this.changed();
  }

  patch(patch: Patch): void {
    if (this.waiting) {
      this.waiting.push(patch);
      return;
    }
    if (patch.number <= this.standing.number) return;
    if (patch.number !== this.standing.number + 1) {
      this.restart();
      return;
    }
    const loading = picturesToLoad(patch.layers);
    if (!loading) {
      this.apply(patch);
      return;
    }
    const mine = ++this.asked;
    this.waiting = [];
    void loading.then(() => {
      if (mine !== this.asked) return;
      const missed = this.waiting ?? [];
      this.waiting = null;
      this.apply(patch);
      missed.forEach((next) => this.patch(next));
    });
  }

  private apply(patch: Patch): void {
    this.painter.patch(patch);
    this.standing.number = patch.number;
    this.standing.hash = patch.hash;
    this.changed();
  }

  private restart(): void {
    this.standing.number = -1;
    this.again();
  }
}

async function fetchPicture(hash: string): Promise<Picture | null> {
  try {
    const answer = await fetch(`/pictures/${hash}`);
    return answer.ok ? ((await answer.json()) as Picture) : null;
  } catch {
    return null;
  }
}
