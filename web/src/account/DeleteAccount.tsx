import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Trouble } from "../app/Trouble";
import { TextField } from "./TextField";

/** The end of an account, after what becomes of its workspaces was said. */
export function DeleteAccount() {
  const [asking, setAsking] = useState(false);
  return (
    <section aria-labelledby="deletion" className="border-l-4 border-double border-rule pl-4">
      <h2 id="deletion" className="mb-2">
        Delete the account
      </h2>
      {asking ? (
        <Question keep={() => setAsking(false)} />
      ) : (
        <button className="btn" onClick={() => setAsking(true)}>
          Delete the account …
        </button>
      )}
    </section>
  );
}

function Question({ keep }: { keep: () => void }) {
  const [present, setPresent] = useState("");
  const queries = useQueryClient();
  const fates = useQuery({ queryKey: ["fates"], queryFn: () => answer(api.GET("/api/account/fates")), staleTime: 0 });
  const remove = useMutation({
    mutationFn: () => answer(api.POST("/api/account/deletion", { body: { present } })),
    onSuccess: () => {
      queries.clear();
      location.assign("/");
    },
  });
  const blocked = fates.data?.some((fate) => fate.becomes === "WITHOUT_OWNER") ?? true;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        remove.mutate();
      }}
    >
      <Trouble query={fates} />
      <ul className="mb-2 list-disc pl-5">
        {fates.data?.map((fate) => (
          <li key={fate.id}>
            <b>{fate.name}</b> {WORDS[fate.becomes]}
          </li>
        ))}
        <li>Where you worked with others, your changes stay; your name goes.</li>
        <li>This cannot be undone.</li>
      </ul>
      <TextField
        label="Current password"
        type="password"
        autoComplete="current-password"
        value={present}
        onText={setPresent}
      />
      <p role="alert" className="mb-2 text-live">
        {remove.error?.message}
      </p>
      <div className="flex gap-2">
        <button className="btn border-live text-live" disabled={blocked || remove.isPending}>
          Delete it now
        </button>
        <button type="button" className="btn" onClick={keep}>
          Keep it
        </button>
      </div>
    </form>
  );
}

const WORDS: Record<Schemas["WorkspaceFate"]["becomes"], string> = {
  DELETED: "is deleted with all its themes: nobody else is in it.",
  LEFT: "goes on without you.",
  WITHOUT_OWNER: "would keep no owner. Make somebody else there an owner first.",
};
