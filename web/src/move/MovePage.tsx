import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { useTheme } from "../theme/useTheme";
import { Trouble } from "../app/Trouble";
import { usePlatforms } from "../app/usePlatforms";
import { useMay } from "../theme/May";

const FATES: Record<Schemas["SignalView"]["fate"], [string, string]> = {
  KEPT: ["kept", "text-kelp"],
  REWORDED: ["other word", "text-kelp"],
  LOST: ["lost", "text-ochre"],
  NEW: ["new", "text-kelp"],
};

/** Old on the left, new on the right, line by line; then the links to replace. */
export function MovePage() {
  const theme = useTheme();
  const others = usePlatforms().data?.filter((platform) => platform.title !== theme.platform) ?? [];
  const [to, setTo] = useState("");
  const target = to || others[0]?.id;
  const mayReplace = useMay("OPERATOR");
  return (
    <div className="max-w-5xl p-4">
      <div className="mb-3 flex items-center gap-3">
        <h1>Move</h1>
        <label className="flex items-center gap-2">
          from {theme.platform} to
          <select className="field" value={target ?? ""} onChange={(e) => setTo(e.target.value)}>
            {others.map((platform) => (
              <option key={platform.id} value={platform.id}>
                {platform.title}
              </option>
            ))}
          </select>
        </label>
        <span className="text-faint">The theme is copied; this one and its links stay as they are.</span>
      </div>
      {theme.movedFrom && mayReplace && <Replacement />}
      {target && <Plan to={target} />}
    </div>
  );
}

function Plan({ to }: { to: string }) {
  const { id, theme } = useTheme();
  const navigate = useNavigate();
  const [channel, setChannel] = useState(theme.name);
  const mayMove = useMay();
  const plan = useQuery({
    queryKey: ["plan", id, to],
    queryFn: () => answer(api.GET("/api/themes/{id}/move", { params: { path: { id }, query: { to } } })),
    staleTime: 0,
  });
  const move = useMutation({
    mutationFn: () =>
      answer(
        api.POST("/api/themes/{id}/move", { params: { path: { id } }, body: { platform: to, channelName: channel } }),
      ),
    onSuccess: (copy) => void navigate(`/themes/${copy.theme}/move`),
    onError: sayProblem,
  });
  if (plan.isPending) return <p className="text-faint">Working out what changes …</p>;
  if (!plan.data) return <Trouble query={plan} />;
  const lost = plan.data.signals.filter((line) => line.fate === "LOST").length;
  return (
    <>
      <h2 className="mb-1">Signals</h2>
      <table className="mb-5 w-full border-collapse [&_td]:py-1">
        <thead>
          <tr className="border-b border-ink text-left font-head">
            <th className="w-44 py-1">{plan.data.from}</th>
            <th className="w-44">{plan.data.to}</th>
            <th className="w-24">Outcome</th>
            <th>What that means</th>
          </tr>
        </thead>
        <tbody>
          {plan.data.signals.map((line) => (
            <tr key={line.kind} className="border-b border-rule align-top">
              <td>{line.fromWord || <span className="text-faint">—</span>}</td>
              <td>{line.toWord || <span className="text-faint">—</span>}</td>
              <td className={`font-bold ${FATES[line.fate][1]}`}>{FATES[line.fate][0]}</td>
              <td className="text-faint">{line.note}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="mb-1">Wording</h2>
      {plan.data.texts.length === 0 ? (
        <p className="mb-5 text-faint">No text uses a word that changes.</p>
      ) : (
        <table className="mb-5 w-full border-collapse [&_td]:py-1">
          <thead>
            <tr className="border-b border-ink text-left font-head">
              <th className="w-56 py-1">Where</th>
              <th>Now</th>
              <th>On {plan.data.to}</th>
            </tr>
          </thead>
          <tbody>
            {plan.data.texts.map((line) => (
              <tr key={line.place} className="border-b border-rule align-top">
                <td className="pr-3">{line.place}</td>
                <td className="pr-3 text-faint">{line.before}</td>
                <td className="font-bold">{line.after}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {mayMove && (
        <form
          className="flex items-center gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            move.mutate();
          }}
        >
          <label className="flex items-center gap-2">
            Channel on {plan.data.to}
            <input
              className="field w-56"
              required
              maxLength={80}
              value={channel}
              onChange={(e) => setChannel(e.target.value)}
            />
          </label>
          <button className="btn btn-main" disabled={move.isPending}>
            Copy to {plan.data.to}
          </button>
          {lost > 0 && (
            <span className="text-ochre">
              {lost} {lost === 1 ? "signal is" : "signals are"} lost there.
            </span>
          )}
        </form>
      )}
    </>
  );
}

function Replacement() {
  const { id, movedFrom } = useTheme();
  const say = useNotices((state) => state.say);
  const list = useQuery({
    queryKey: ["replacement", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/replacement", { params: { path: { id } } })),
    staleTime: 0,
  });
  const replace = useMutation({
    mutationFn: () => answer(api.POST("/api/themes/{id}/replacement", { params: { path: { id } } })),
    onSuccess: () => {
      say("The rig now uses the new links.");
      void list.refetch();
    },
    onError: sayProblem,
  });
  if (list.isPending) return null;
  if (!list.data) return <Trouble query={list} />;
  return (
    <section className="mb-6 border-l-4 border-kelp bg-sheet px-3 py-2" aria-labelledby="links">
      <h2 id="links">Links to replace in the practice rig</h2>
      <p className="mb-2 text-faint">
        This theme is a copy of{" "}
        <Link className="underline" to={`/themes/${movedFrom}`}>
          the one it was moved from
        </Link>
        , whose links still work.
      </p>
      {list.data.swaps.length === 0 ? (
        <p>Nothing is left to replace: no place in the rig holds an old link.</p>
      ) : (
        <>
          <div className="mb-2 max-h-56 overflow-auto">
            <table className="w-full border-collapse [&_td]:py-1" data-testid="swaps">
              <thead>
                <tr className="border-b border-ink text-left font-head">
                  <th className="py-1">Scene</th>
                  <th>Source</th>
                  <th>Old link</th>
                  <th>New link</th>
                </tr>
              </thead>
              <tbody>
                {list.data.swaps.map((swap) => (
                  <tr key={swap.scene + swap.source} className="border-b border-rule">
                    <td className="pr-2">{swap.scene}</td>
                    <td className="pr-2">{swap.source}</td>
                    <td className="pr-2 text-faint">…{swap.oldLink.slice(-14)}</td>
                    <td>…{swap.newLink.slice(-14)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <button className="btn btn-main" disabled={replace.isPending} onClick={() => replace.mutate()}>
            Replace all {list.data.swaps.length}
          </button>
        </>
      )}
    </section>
  );
}
