import type { InputHTMLAttributes } from "react";

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, "onChange" | "value"> & {
  label: string;
  value: string;
  onText: (text: string) => void;
};

/** A line of text with its label above. */
export function TextField({ label, onText, ...input }: Props) {
  return (
    <label className="mb-3 block">
      {label}
      <input className="field mt-1 w-full" required {...input} onChange={(event) => onText(event.target.value)} />
    </label>
  );
}
