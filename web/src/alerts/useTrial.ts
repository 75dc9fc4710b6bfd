import { useQuery } from "@tanstack/react-query";
import { create } from "zustand";
import { answer, api, type Schemas } from "../api/client";
import { useSettled } from "../app/useSettled";
import { useLook, useThemeId } from "../theme/useTheme";
import type { Rule, SignalKind } from "./sentence";

export type Tried = Schemas["TriedSignal"];

const AFTER_TYPING = 220;

/** What is tried with: the values of a signal, how many come at once, and on which canvas it is looked at. */
interface Trying {
  values: Omit<Tried, "kind">;
  count: number;
  canvas: string;
  set: (next: Partial<Pick<Trying, "count" | "canvas"> & { values: Trying["values"] }>) => void;
}

export const SHORT: Trying["values"] = {
  name: "Ilse Fenn",
  amount: 500,
  currency: "EUR",
  months: 7,
  level: "1",
  message: "Is that a spoonbill by the second post?",
  giftedTo: "Oskar Dunlin",
  anonymous: false,
  first: false,
};

/** As long as names and messages get on platforms. */
export const LONG: Trying["values"] = {
  ...SHORT,
  name: "Marshwarden_of_Low_Quay_W",
  amount: 99_999,
  months: 120,
  message:
    "Good evening from the far bank! Is that a spoonbill by the second post, left of the sluice, or has the tide played a trick on me again? Either way: for a new lens cloth, and for the lantern.",
};

export const useTrying = create<Trying>((set) => ({
  values: SHORT,
  count: 1,
  canvas: "",
  set: (next) => set(next),
}));

/** Kinds that nobody writes something with. */
export const WORDLESS: readonly SignalKind["id"][] = ["FOLLOW", "RAID", "GIFTED_SUBSCRIPTIONS"];

/** A signal of a kind with the values that are tried. */
export function triedSignal(kind: SignalKind["id"], values: Trying["values"]): Tried {
  return { kind, ...values, message: WORDLESS.includes(kind) ? "" : values.message };
}

/** How a rule would announce what is tried, a moment after the last letter. */
export function useTrial(rule: Rule) {
  const id = useThemeId();
  const look = useLook();
  const { values, count, canvas } = useTrying();
  const wish = useSettled(
    JSON.stringify({ rule, signal: triedSignal(rule.kind, values), count, canvas }),
    AFTER_TYPING,
  );
  return useQuery({
    queryKey: ["alert trial", id, look, wish],
    queryFn: () =>
      answer(
        api.POST("/api/themes/{theme}/alerts/trial", {
          params: { path: { theme: id } },
          body: JSON.parse(wish) as Schemas["TrialWish"],
        }),
      ),
    placeholderData: (before) => before,
  });
}
