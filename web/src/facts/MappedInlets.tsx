import { useQuery } from "@tanstack/react-query";
import { ChevronRight, Plus } from "lucide-react";
import { useState, type FormEvent } from "react";
import { answer, api, type Schemas } from "../api/client";
import { Trouble } from "../app/Trouble";
import { May } from "../theme/May";
import { MappedCard } from "./MappedCard";
import { useChannelDeed } from "./useInlet";

export type Mapped = Schemas["MappedView"];

/** Doors for whatever can send JSON by HTTP, each with what its bodies mean. */
export function MappedInlets({ channel }: { channel: string }) {
  const [open, setOpen] = useState("");
  const [name, setName] = useState("");
  const inlets = useQuery({
    queryKey: ["inlet", channel, "mapped"],
    queryFn: () => answer(api.GET("/api/channels/{channel}/mapped", { params: { path: { channel } } })),
  });
  const add = useChannelDeed(
    () => answer(api.POST("/api/channels/{channel}/mapped", { params: { path: { channel } }, body: { name } })),
    (made) => {
      setName("");
      setOpen(made.id);
      return "";
    },
  );
  const submit = (event: FormEvent) => {
    event.preventDefault();
    add.mutate(undefined);
  };
  return (
    <section aria-labelledby="mapped" className="mb-6 border-l-4 border-double border-rule pl-4">
      <h2 id="mapped" className="mb-1">
        Mapped inlets
      </h2>
      <p className="mb-2 text-faint">
        For a tip page, a shop or a script that sends JSON of its own: say once what its parts mean.
      </p>
      <Trouble query={inlets} />
      <ul className="ruled mb-2">
        {inlets.data?.map((one) => (
          <li key={one.id} className="py-1">
            <button
              className="flex items-center gap-1.5 font-bold"
              aria-expanded={open === one.id}
              onClick={() => setOpen(open === one.id ? "" : one.id)}
            >
              <ChevronRight size={14} className={open === one.id ? "rotate-90" : ""} />
              {one.name}
            </button>
            {open === one.id && <MappedCard key={one.id} channel={channel} inlet={one} gone={() => setOpen("")} />}
          </li>
        ))}
      </ul>
      <May>
        <form onSubmit={submit} className="only-may flex gap-1.5" aria-label="New mapped inlet">
          <input
            className="field w-56"
            aria-label="Name of the mapped inlet"
            placeholder="What sends there, such as Tip page"
            required
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <button className="btn" disabled={add.isPending}>
            <Plus size={14} aria-hidden="true" />
            Add a mapped inlet
          </button>
        </form>
      </May>
    </section>
  );
}
