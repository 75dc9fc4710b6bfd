import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { TextField } from "../account/TextField";
import { answer, api, sendFile, type Schemas } from "../api/client";
import { useNotices } from "../app/notices";
import { saveBlob } from "../app/saveBlob";
import { SESSION } from "../app/useSession";

export function NewWorkspace({ close, made }: { close: () => void; made: (id: string) => void }) {
  const [name, setName] = useState("");
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const make = useMutation({
    mutationFn: () => answer(api.POST("/api/workspaces", { body: { name } })),
    onSuccess: async (workspace) => {
      await queries.invalidateQueries({ queryKey: SESSION });
      made(workspace.id);
      close();
    },
  });
  const bring = useMutation({
    mutationFn: (file: File) => sendFile<Schemas["Returned"]>("/api/workspaces/file", file),
    onSuccess: async (returned) => {
      await queries.invalidateQueries({ queryKey: SESSION });
      say(
        `${returned.name} stands here: ${returned.themes === 1 ? "1 theme" : `${String(returned.themes)} themes`}. Its sources have other links; they are in the file that was saved just now.`,
      );
      if (returned.csv !== "") saveBlob(new Blob([returned.csv], { type: "text/csv" }), `${returned.name}, links.csv`);
      made(returned.workspace);
      close();
    },
  });
  return (
    <Dialog open onClose={close} className="relative z-30">
      <div className="fixed inset-0 flex items-start justify-center overflow-auto bg-ink/30 p-4 sm:p-10">
        <DialogPanel className="w-full max-w-104 border border-rule bg-sheet p-4">
          <DialogTitle as="h2">New workspace</DialogTitle>
          <p className="my-2 text-faint">It has its own themes, channels and people.</p>
          <form
            onSubmit={(event) => {
              event.preventDefault();
              make.mutate();
            }}
          >
            <TextField label="Name" autoFocus maxLength={80} value={name} onText={setName} />
            <p role="alert" className="min-h-5 text-live">
              {make.error?.message ?? bring.error?.message}
            </p>
            <div className="flex gap-2">
              <button className="btn btn-main" disabled={make.isPending}>
                Make it
              </button>
              <button type="button" className="btn" onClick={close}>
                Cancel
              </button>
            </div>
          </form>
          <label className="mt-3 block border-t border-rule pt-3">
            Or from the file of a workspace
            <input
              type="file"
              accept=".zip"
              className="mt-1 block w-full"
              disabled={bring.isPending}
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) bring.mutate(file);
                event.target.value = "";
              }}
            />
          </label>
          {bring.isPending && <p className="text-faint">Bringing it in …</p>}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
