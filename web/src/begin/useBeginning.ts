import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { useParams } from "react-router";
import { answer, api, soon, type Schemas } from "../api/client";

export type Answers = Schemas["Answers"];

/** Typing is sent when it pauses. */
const SETTLES = 350;
export const LAST = 6;

/** What was answered so far; every answer is kept and drawn at once, and the page may be closed at any time. */
export function useBeginning() {
  const id = useParams()["id"] ?? "";
  const queries = useQueryClient();
  const kept = useQuery({
    queryKey: ["beginning", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/beginning", { params: { path: { id } } })),
    staleTime: Infinity,
  });
  const [draft, setDraft] = useState<{ answers: Answers; step: number } | null>(null);
  const [trouble, setTrouble] = useState("");
  const now = draft ?? kept.data ?? null;
  const line = useRef<{ timer: number; going: Promise<void>; next: { answers: Answers; step: number } | null }>({
    timer: 0,
    going: Promise.resolve(),
    next: null,
  });

  /** One call at a time; what was answered meanwhile goes as one. */
  const send = (): Promise<void> => {
    window.clearTimeout(line.current.timer);
    line.current.going = line.current.going.then(async () => {
      const next = line.current.next;
      if (!next) return;
      line.current.next = null;
      try {
        const state = await answer(
          api.PUT("/api/themes/{id}/beginning", { params: { path: { id } }, body: next, signal: soon() }),
        );
        queries.setQueryData(["beginning", id], state);
        void queries.invalidateQueries({ queryKey: ["theme", id] });
        setTrouble("");
      } catch (error) {
        setTrouble(error instanceof Error ? error.message : "This could not be kept.");
      }
    });
    return line.current.going;
  };

  /** An answer that was refused is not sent again with the next one: what is kept stands in its place. */
  const good = (answers: Answers) => (trouble === "" ? answers : (kept.data?.answers ?? answers));

  const set = (answers: Answers, step: number, wait: number) => {
    setDraft({ answers, step });
    line.current.next = { answers, step };
    window.clearTimeout(line.current.timer);
    if (wait === 0) return void send();
    line.current.timer = window.setTimeout(() => void send(), wait);
  };

  return {
    id,
    query: kept,
    now,
    trouble,
    /** Answers something; `typed` waits until typing pauses. */
    change: (part: Partial<Answers>, typed = false) => {
      if (now) set({ ...good(now.answers), ...part }, now.step, typed ? SETTLES : 0);
    },
    go: (step: number) => {
      if (now) set(good(now.answers), Math.max(1, Math.min(LAST, step)), 0);
    },
    /** On without an answer: what is not yet kept of this question is dropped. */
    skip: () => {
      if (!now) return;
      const known = kept.data?.answers ?? now.answers;
      set(known, Math.min(LAST, now.step + 1), 0);
    },
    /** Resolves when everything that was answered is kept. */
    settled: () => send(),
  };
}

export function useQuestions() {
  return useQuery({ queryKey: ["questions"], queryFn: () => answer(api.GET("/api/questions")), staleTime: Infinity });
}
