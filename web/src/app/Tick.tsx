import { useEffect, useState, type InputHTMLAttributes } from "react";

type Rest = Omit<InputHTMLAttributes<HTMLInputElement>, "type" | "checked" | "onChange">;

/**
 * A checkbox whose state the server keeps: it stands as pressed at once, and as stored again when that is refused.
 *
 * @param stored what is stored now
 * @param send   takes what is wished; `false` or a rejection is a refusal
 */
export function Tick({ stored, send, ...rest }: Rest & { stored: boolean; send: (on: boolean) => unknown }) {
  const [wish, setWish] = useState<boolean | null>(null);
  useEffect(() => {
    if (wish === stored) setWish(null);
  }, [wish, stored]);
  const press = async (on: boolean) => {
    setWish(on);
    try {
      if ((await send(on)) === false) setWish(null);
    } catch {
      setWish(null);
    }
  };
  return (
    <input
      className="accent-kelp"
      {...rest}
      type="checkbox"
      checked={wish ?? stored}
      onChange={(event) => void press(event.target.checked)}
    />
  );
}
