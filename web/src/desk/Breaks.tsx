import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { Trouble } from "../app/Trouble";
import { written } from "../show/dial";

/** The breaks of the last shows: how many, how long, and by how much they were longer than planned. */
export function Breaks({ show, on }: { show: string; on: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-8 cursor-pointer items-center text-faint">Breaks until now</summary>
      {open && <Table show={show} on={on} />}
    </details>
  );
}

function Table({ show, on }: { show: string; on: boolean }) {
  const breaks = useQuery({
    queryKey: ["breaks", show, on],
    queryFn: () => answer(api.GET("/api/shows/{show}/desk/breaks", { params: { path: { show } } })),
    staleTime: 0,
  });
  if (breaks.error) return <Trouble query={breaks} />;
  if (!breaks.data) return <p className="text-faint">Loading …</p>;
  if (breaks.data.length === 0) return <p className="text-faint">No break was ended yet.</p>;
  const days = new Map<string, { count: number; seconds: number; over: number }>();
  for (const one of breaks.data) {
    const day = new Date(one.began).toLocaleDateString(undefined, { dateStyle: "medium" });
    const sum = days.get(day) ?? { count: 0, seconds: 0, over: 0 };
    sum.count++;
    sum.seconds += one.seconds;
    sum.over += Math.max(0, one.seconds - one.plannedSeconds);
    days.set(day, sum);
  }
  return (
    <table className="w-full text-left">
      <thead className="text-faint">
        <tr>
          <th className="font-normal">Day</th>
          <th className="text-right font-normal">Breaks</th>
          <th className="text-right font-normal">Together</th>
          <th className="text-right font-normal">Over plan</th>
        </tr>
      </thead>
      <tbody>
        {[...days].map(([day, sum]) => (
          <tr key={day} className="border-t border-rule">
            <td>{day}</td>
            <td className="text-right">{sum.count}</td>
            <td className="text-right">{written("UP", sum.seconds * 1000)}</td>
            <td className="text-right">{written("UP", sum.over * 1000)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
