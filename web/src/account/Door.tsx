import type { FormEvent, ReactNode } from "react";
import { Mark } from "../app/Mark";

/**
 * The form that stands between a stranger and the shelf.
 *
 * @param trouble said below its button
 * @param button  without one there is nothing to send
 * @param beside  stands next to the button
 */
export function Door(props: {
  say: ReactNode;
  onSubmit?: () => void;
  button?: string;
  busy?: boolean;
  trouble: string;
  beside?: ReactNode;
  children?: ReactNode;
  below?: ReactNode;
}) {
  const submit = (event: FormEvent) => {
    event.preventDefault();
    props.onSubmit?.();
  };
  return (
    <main className="grid min-h-full place-items-center p-4">
      <form onSubmit={submit} className="w-full max-w-88 border-l-4 border-double border-rule bg-sheet p-6">
        <div className="mb-1 flex items-center gap-2">
          <Mark size={22} />
          <h1>Brandeon</h1>
        </div>
        <p className="mb-4 text-faint">{props.say}</p>
        {props.children}
        <div className="flex flex-wrap gap-2">
          {props.button && (
            <button className="btn btn-main" disabled={props.busy}>
              {props.button}
            </button>
          )}
          {props.beside}
        </div>
        <p role="alert" className="mt-3 min-h-5 text-live">
          {props.trouble}
        </p>
        {props.below}
      </form>
    </main>
  );
}
