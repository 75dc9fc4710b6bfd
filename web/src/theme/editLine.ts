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

/** Of values that are only seen when they were sent. */
const BETWEEN = 50;
/** Whatever one took: whoever lets go waits no longer for what they see to be kept. */
const REST = 300;

interface WaitingEdit {
  theme: string;
  edit: Edit;
  gesture: string;
  between: number;
  settle: ((taken: boolean) => void)[];
}

/** What waits for its turn: an edit, or another call. */
type Waiting = WaitingEdit | (() => Promise<void>);

type Send = (theme: string, edit: Edit, gesture: string) => Promise<boolean>;

/**
 * Sends edits one after another, in the order in which they were made, and with them whatever else counts on them:
 * what is undone or put on air is what stood there when it was pressed. While something is dragged there is at most
 * one call on its way and the newest value behind it: what was to be sent between them is never seen by anybody. After
 * each the line rests for as long as it took (up to a limit), so that on a slow or busy machine what is dragged comes
 * before it.
 */
export class EditLine {
  private readonly waiting: Waiting[] = [];
  private readonly after: (() => void)[] = [];
  private busy = false;
  /** What was sent last, and until when the next value of its gesture rests, on the page's own clock. */
  private last: WaitingEdit | undefined;
  private rested = 0;
  private timer = 0;

  constructor(private readonly send: Send) {}

  /**
   * Resolves to whether it, or what took its place, was taken.
   *
   * @param between values of its gesture are sent this often at most; milliseconds
   */
  add(theme: string, edit: Edit, gesture: string, between = BETWEEN): Promise<boolean> {
    return new Promise((settle) => {
      const last = this.waiting.at(-1);
      const made = { theme, edit, gesture, between, settle: [settle] };
      if (typeof last === "object" && follows(made, last)) {
        last.edit = edit;
        last.settle.push(settle);
      } else {
        this.waiting.push(made);
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
    const [next] = this.waiting;
    if (this.busy || !next) return;
    window.clearTimeout(this.timer);
    const alone = typeof next === "object" && this.waiting.length === 1;
    const rest = alone && this.last && follows(next, this.last) ? this.rested - performance.now() : 0;
    if (rest > 0) {
      this.timer = window.setTimeout(() => void this.go(), rest);
      return;
    }
    this.waiting.shift();
    this.busy = true;
    this.last = undefined;
    await (typeof next === "function" ? next() : this.sendEdit(next));
    this.busy = false;
    this.after.splice(0).forEach((then) => then());
    void this.go();
  }

  private async sendEdit(sent: WaitingEdit): Promise<void> {
    const begun = performance.now();
    const taken = await this.send(sent.theme, sent.edit, sent.gesture).catch(() => false);
    const now = performance.now();
    this.last = sent;
    this.rested = Math.max(begun + sent.between, now + Math.min(now - begun, REST));
    sent.settle.forEach((one) => one(taken));
  }
}

/** Whether it sets what another one of the same gesture has set. */
function follows(edit: WaitingEdit, other: WaitingEdit): boolean {
  return edit.gesture !== "" && edit.gesture === other.gesture && target(edit.edit) === target(other.edit);
}
