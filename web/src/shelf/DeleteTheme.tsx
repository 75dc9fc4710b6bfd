import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";

/** Deletes a theme, after what hangs on it was said and its name was typed. */
export function DeleteTheme(props: { id: string; name: string; open: boolean; close: () => void }) {
  const { id, name, open, close } = props;
  return (
    <Dialog open={open} onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center overflow-auto bg-ink/30 p-10">
        <DialogPanel className="w-[480px] border border-rule bg-sheet p-4">
          <DialogTitle as="h2">Delete {name}?</DialogTitle>
          <Question id={id} name={name} close={close} />
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function Question({ id, name, close }: { id: string; name: string; close: () => void }) {
  const [typed, setTyped] = useState("");
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const hanging = useQuery({
    queryKey: ["hanging", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/hanging", { params: { path: { id } } })),
    staleTime: 0,
  });
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE("/api/themes/{id}", { params: { path: { id } } })),
    onSuccess: () => {
      close();
      say(`${name} was deleted.`);
      void queries.invalidateQueries({ queryKey: ["shelf"] });
    },
    onError: sayProblem,
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        remove.mutate();
      }}
    >
      {hanging.isPending && <p className="mt-2 text-faint">Looking at what hangs on it …</p>}
      <Trouble query={hanging} className="mt-2" />
      {hanging.data && (
        <ul className="mt-2 list-disc pl-5">
          {sentences(hanging.data).map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
      <p className="mt-2">
        This cannot be undone. Type <b>{name}</b> to go on.
      </p>
      <input
        className="field mt-1 w-full"
        aria-label="Name of the theme to delete"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <div className="mt-3 flex gap-2">
        <button className="btn border-live text-live" disabled={typed !== name || !hanging.data || remove.isPending}>
          Delete
        </button>
        <button type="button" className="btn" onClick={close}>
          Keep it
        </button>
      </div>
    </form>
  );
}

function sentences(hanging: Schemas["Hanging"]): string[] {
  const { links, open, changes, pictures, copies } = hanging;
  return [
    links === 0
      ? "No source has a link to it."
      : `${String(links)} links of sources show nothing any more${open === 0 ? "; none is open now" : `; ${String(open)} ${open === 1 ? "is" : "are"} open now`}.`,
    ...(changes > 0 ? [`Its history of ${String(changes)} ${changes === 1 ? "change" : "changes"} goes with it.`] : []),
    ...(pictures > 0
      ? [
          `Its ${String(pictures)} ready-made ${pictures === 1 ? "picture goes" : "pictures go"}, unless another theme holds ${pictures === 1 ? "it" : "them"} too.`,
        ]
      : []),
    ...(copies.length > 0
      ? [
          `${copies.join(", ")} ${copies.length === 1 ? "was" : "were"} moved from it and ${copies.length === 1 ? "stays" : "stay"}, but the links to replace can no longer be listed.`,
        ]
      : []),
  ];
}
