import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { Problem } from "../api/client";
import { live } from "../api/live";
import { Looking } from "../app/looking";
import { sayProblem, useNotices } from "../app/notices";
import type { Cue } from "../show/useShow";
import { alertCall, callOf, useChoosing } from "./choosing";
import { useDoor, type AlertWish, type DeskReceipt, type DeskView } from "./door";
import { foreseen } from "./foresee";
import { useTaped } from "./taping";

/** What was pressed is kept for so long while the server cannot be reached, and never done later; milliseconds. */
const PATIENCE = 5000;
const AGAIN_AFTER = 400;
/** Deeds of others are looked at so often. */
const LOOKS = { least: 400, patiently: 8, longest: 4000 };
/** What a press does is foreseen here, so it is looked at once the sources have it; milliseconds. */
const SOURCES_FIRST = 40;
/** It may have been done, and only the answer got lost; it is never done later. */
const UNANSWERED = new Problem(
  0,
  "No answer came for five seconds. Look whether it was done before you press again; it is not done any more.",
);
const LOST = "The server could not be reached for five seconds, so this was not done.";

/** A desk as it is now, with all that can be done on it. */
export function useDesk() {
  const door = useDoor();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const key = ["desk", door.key];
  const desk = useQuery({
    queryKey: key,
    queryFn: () =>
      door.view().then((view) => {
        // A phone's own clock may be minutes off.
        live.clock.rough(view.now);
        told.current = view;
        return view;
      }),
    placeholderData: (old) => old,
    staleTime: Infinity,
  });
  const [pending, setPending] = useState(0);
  const waiting = useRef(0);
  /** The latest versions of the show that this desk heard of, and that it saw. */
  const heard = useRef(0);
  const seen = useRef(0);
  /** What is older does not have what was done here. */
  const least = useRef(0);
  const timer = useRef(0);
  /** As the server said it last, without anything foreseen. */
  const told = useRef<DeskView>(undefined);

  const take = useCallback(
    (view: DeskView) => {
      seen.current = Math.max(seen.current, view.version);
      // While something else is on its way its outcome is foreseen here already, and what is older knows nothing of it.
      const before = queries.getQueryData<DeskView>(["desk", door.key]);
      const newer = view.version >= least.current && (!before || view.version >= before.version);
      if (newer) told.current = view;
      if (waiting.current === 0 && newer) queries.setQueryData(["desk", door.key], view);
    },
    [queries, door.key],
  );
  const look = useLook(() =>
    door.view().then(
      (view) => {
        take(view);
        return true;
      },
      (error: unknown) => !(error instanceof Problem && error.passes),
    ),
  );
  const soon = useCallback(() => {
    if (timer.current !== 0) return;
    timer.current = window.setTimeout(() => {
      timer.current = 0;
      look();
    }, SOURCES_FIRST);
  }, [look]);
  useEffect(() => () => window.clearTimeout(timer.current), []);

  const show = desk.data?.show;
  useEffect(() => {
    if (!show) return;
    const heardOf = (version: number) => {
      // The same version once more tells of something else than a deed: something came in.
      const deed = version > heard.current;
      heard.current = Math.max(heard.current, version);
      // Once what is on its way here was answered, all of it is looked at together.
      if (deed && (waiting.current > 0 || version <= seen.current)) return;
      soon();
    };
    const ends = [live.followShow(show, heardOf), live.onReturn(look)];
    return () => ends.forEach((end) => end());
  }, [show, look, soon]);

  /** Resolves to whether it was done. */
  const send = async (wish: () => Promise<DeskReceipt>, cue?: Cue): Promise<boolean> => {
    waiting.current++;
    setPending(waiting.current);
    // It is on its way before the page takes the time to show it.
    const answer = wish();
    if (cue) queries.setQueryData<DeskView>(key, (view) => view && foreseen(view, cue, live.clock.now()));
    let receipt: DeskReceipt | undefined;
    try {
      receipt = await answer;
    } catch (error) {
      if (error === UNANSWERED) say(UNANSWERED.message, true);
      else if (error instanceof Problem && error.passes && error.status !== 429) say(LOST, true);
      else sayProblem(error);
    }
    waiting.current--;
    setPending(waiting.current);
    if (receipt) {
      least.current = Math.max(least.current, receipt.version);
      if (waiting.current === 0) soon();
    }
    // What was foreseen and did not come is taken back at once: whether the server can be asked again is not known.
    if (waiting.current === 0 && !receipt) {
      const last = told.current;
      if (last && last.version >= least.current) queries.setQueryData(key, last);
      look();
    }
    return receipt !== undefined;
  };

  return {
    desk,
    /** How many deeds are on their way. */
    pending,
    cue: (cue: Cue) => {
      const { chooser } = useChoosing.getState();
      if (chooser) {
        chooser(callOf(cue), cue);
        return Promise.resolve(false);
      }
      const wish = { cue, key: crypto.randomUUID(), before: Math.round(live.clock.now()) + PATIENCE };
      return send(() => patiently(() => door.cue(wish)), cue).then((done) => {
        if (done) useTaped.getState().took(cue);
        return done;
      });
    },
    look,
    undo: () => send(door.undo),
    redo: () => send(door.redo),
    takeBack: door.takeBack && ((number: number) => send(() => door.takeBack?.(number) ?? Promise.reject(new Error()))),
    alerts: (wish: AlertWish) => {
      const { chooser } = useChoosing.getState();
      if (chooser) chooser(alertCall(wish));
      else void door.alerts(wish).then(take, sayProblem);
    },
  };
}

/** Tries again while that makes sense; the same key lets a cue count once, whatever became of its answers. */
async function patiently<T>(wish: () => Promise<T>): Promise<T> {
  const end = performance.now() + PATIENCE;
  for (;;) {
    try {
      return await Promise.race([wish(), unanswered(end - performance.now())]);
    } catch (error) {
      const again = error instanceof Problem && error.passes && performance.now() + AGAIN_AFTER < end;
      if (!again) throw error;
      await new Promise((resume) => window.setTimeout(resume, AGAIN_AFTER));
    }
  }
}

async function unanswered(after: number): Promise<never> {
  await new Promise((resume) => window.setTimeout(resume, after));
  throw UNANSWERED;
}

/** @param see as `Looking` has it */
function useLook(see: () => Promise<boolean>): () => void {
  const latest = useRef(see);
  useEffect(() => {
    latest.current = see;
  });
  const [looking] = useState(() => new Looking(() => latest.current(), LOOKS));
  useEffect(() => () => looking.end(), [looking]);
  return looking.look;
}
