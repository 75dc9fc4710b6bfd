import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { answer, api } from "../api/client";
import { useSettled } from "../app/useSettled";
import { TextField } from "./TextField";

const SETTLES = 250;

/** A password that is being thought of, with what is to be said of it. */
export function NewPassword(props: {
  label: string;
  name: string;
  email: string;
  value: string;
  onText: (text: string) => void;
}) {
  const [seen, setSeen] = useState(false);
  const words = useId();
  const settled = useSettled(props.value, SETTLES);
  const judged = useQuery({
    queryKey: ["password", settled, props.name, props.email],
    queryFn: () =>
      answer(api.POST("/api/passwords", { body: { password: settled, name: props.name, email: props.email } })),
    placeholderData: (before) => before,
    staleTime: Infinity,
    // A password is not kept longer than its field.
    gcTime: 0,
  });
  return (
    <div className="mb-4">
      <TextField
        label={props.label}
        type={seen ? "text" : "password"}
        name="new-password"
        autoComplete="new-password"
        spellCheck={false}
        aria-describedby={words}
        value={props.value}
        onText={props.onText}
      />
      <div className="-mt-2 flex items-start justify-between gap-3">
        <p id={words} aria-live="polite" className={`min-h-10 ${judged.data?.taken ? "text-kelp" : "text-faint"}`}>
          {judged.data?.words}
        </p>
        <button type="button" className="shrink-0 underline" onClick={() => setSeen(!seen)}>
          {seen ? "Hide" : "Show"}
        </button>
      </div>
    </div>
  );
}
