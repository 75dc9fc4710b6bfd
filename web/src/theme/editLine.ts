import type { Edit } from "../api/client";

/** What of an edit says which property it sets; everything else is the value. */
const TARGET = new Set([
  "edit",
  "scene",
  "piece",
  "field",
  "canvas",
  "shape",
  "index",
  "role",
  "line",
  "capture",
  "artwork",
  "id",
  "name",
]);

function target(edit: Edit): string {
  if (edit.edit === "batch") return JSON.stringify(edit.edits.map((one) => target(one as Edit)));
  return JSON.stringify(Object.entries(edit).filter(([key]) => TARGET.has(key)));
}

interface WaitingEdit {
  theme: string;
  edit: Edit;
  gesture: string;
  settle: ((taken: boolean) => void)[];
}

/** What waits for its turn: an edit, or another call. */
type Waiting = WaitingEdit | (() => Promise<void>);

type Send = (theme: string, edit: Edit, gesture: string) => Promise<boolean>;

/**
 * Sends edits one after another, in the order in which they were made, and with them whatever else counts on them:
 * what is undone or put on air is what stood there when it was pressed. While something is dragged there is at most
 * one call on its way and the newest value behind it: what was to be sent between them is never seen by anybody.
 */
export class EditLine {
  private readonly waiting: Waiting[] = [];
  private readonly after: (() => void)[] = [];
  private busy = false;

  constructor(private readonly send: Send) {}

  /** Resolves to whether it, or what took its place, was taken. */
  add(theme: string, edit: Edit, gesture: string): Promise<boolean> {
    return new Promise((settle) => {
      const last = this.waiting.at(-1);
      if (
        typeof last === "object" &&
        gesture !== "" &&
        last.gesture === gesture &&
        target(last.edit) === target(edit)
      ) {
        last.edit = edit;
        last.settle.push(settle);
      } else {
        this.waiting.push({ theme, edit, gesture, settle: [settle] });
      }
      void this.go();
    });
  }

  /** Calls in its turn, after the edits that were made before; edits that are made later wait for its answer. */
  inTurn<T>(call: () => Promise<T>): Promise<T> {
    return new Promise((resolve, reject) => {
      this.waiting.push(() => call().then(resolve, reject));
      void this.go();
    });
  }

  /** Does something when no call is on its way: at once, or after the one that is. */
  between(then: () => void): void {
    if (this.busy) this.after.push(then);
    else then();
  }

  private async go(): Promise<void> {
    if (this.busy) return;
    const next = this.waiting.shift();
    if (!next) return;
    this.busy = true;
    await (typeof next === "function" ? next() : this.sendEdit(next));
    this.busy = false;
    this.after.splice(0).forEach((then) => then());
    void this.go();
  }

  private async sendEdit({ theme, edit, gesture, settle }: WaitingEdit): Promise<void> {
    const taken = await this.send(theme, edit, gesture).catch(() => false);
    settle.forEach((one) => one(taken));
  }
}
