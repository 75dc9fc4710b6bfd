import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem } from "../app/notices";
import { Trouble } from "../app/Trouble";
import { useMay } from "../theme/May";
import { inTurn, useTheme } from "../theme/useTheme";
import { AS_PROPOSED, choicesFrom, keeping, showing, wishes, type Choices } from "./choices";
import { SceneList } from "./SceneList";
import { TextTable } from "./TextTable";

type Plan = Schemas["MovePlanView"];

const FATES: Record<Schemas["MoveSignal"]["fate"], [string, string]> = {
  KEPT: ["kept", "text-kelp"],
  REWORDED: ["other word", "text-kelp"],
  LOST: ["lost", "text-ochre"],
  NEW: ["new", "text-kelp"],
};

/** What is wanted otherwise, kept in this browser until the theme was copied. */
function useChoices(place: string): [Choices, (next: Choices) => void] {
  const [choices, setChoices] = useState(() => choicesFrom(localStorage.getItem(place)));
  const change = (next: Choices) => {
    if (wishes(next) === 0) localStorage.removeItem(place);
    else localStorage.setItem(place, JSON.stringify(next));
    setChoices(next);
  };
  return [choices, change];
}

/** The plan of a move, each line of which can be wanted otherwise. @param to id of the platform */
export function PlanPart({ to }: { to: string }) {
  const { id, version } = useTheme();
  const [choices, setChoices] = useChoices(`brandeon.move.${id}.${to}`);
  const plan = useQuery({
    queryKey: ["plan", id, to, version, choices],
    queryFn: () =>
      answer(api.POST("/api/themes/{id}/move/plan", { params: { path: { id } }, body: { platform: to, choices } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  if (plan.isPending) return <p className="text-faint">Working out what changes …</p>;
  if (!plan.data) {
    return (
      <>
        <Trouble query={plan} />
        {wishes(choices) > 0 && <BackButton back={() => setChoices(AS_PROPOSED)} />}
      </>
    );
  }
  const keep = (line: string, kept: boolean) => setChoices(keeping(choices, line, kept));
  return (
    <>
      <Signals plan={plan.data} choices={choices} keep={keep} />
      <Values plan={plan.data} choices={choices} show={(line, name) => setChoices(showing(choices, line, name))} />
      <TextTable plan={plan.data} choices={choices} change={setChoices} />
      <Areas plan={plan.data} choices={choices} keep={keep} />
      {plan.data.notes.length > 0 && (
        <ul className="mb-5">
          {plan.data.notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      <SceneList to={to} choices={choices} title={plan.data.to} />
      {wishes(choices) > 0 && <BackButton back={() => setChoices(AS_PROPOSED)} />}
      <CopyForm to={to} plan={plan.data} choices={choices} done={() => setChoices(AS_PROPOSED)} />
    </>
  );
}

function BackButton({ back }: { back: () => void }) {
  return (
    <button className="btn mb-3" onClick={back}>
      All of it as proposed
    </button>
  );
}

interface PartProps {
  plan: Plan;
  choices: Choices;
}

function Signals({ plan, choices, keep }: PartProps & { keep: (line: string, kept: boolean) => void }) {
  return (
    <>
      <h2 className="mb-1">Signals</h2>
      <table className="mb-5 w-full border-collapse [&_td]:py-1">
        <thead>
          <tr className="border-b border-ink text-left font-head">
            <th className="w-44 py-1">{plan.from}</th>
            <th className="w-44">{plan.to}</th>
            <th className="w-24">Outcome</th>
            <th>What that means</th>
          </tr>
        </thead>
        <tbody>
          {plan.signals.map((line) => (
            <tr key={line.id} className="border-b border-rule align-top">
              <td>{line.fromWord || <span className="text-faint">—</span>}</td>
              <td>{line.toWord || <span className="text-faint">—</span>}</td>
              <td className={`font-bold ${FATES[line.fate][1]}`}>{FATES[line.fate][0]}</td>
              <td className="text-faint">
                <span className="mr-3">{line.note}</span>
                {line.changes && (
                  <label className="inline-flex items-center gap-1.5 text-ink">
                    <input
                      type="checkbox"
                      checked={!choices.kept.includes(line.id)}
                      onChange={(e) => keep(line.id, !e.target.checked)}
                      aria-label={`${line.fate === "LOST" ? "Switch off" : "Add"} the alert for ${line.fromWord || line.toWord}`}
                    />
                    {line.fate === "LOST" ? "switch it off" : "add it"}
                  </label>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function Values({ plan, choices, show }: PartProps & { show: (line: string, name: string) => void }) {
  if (plan.values.length === 0) return null;
  return (
    <>
      <h2 className="mb-1">Live values that {plan.to} does not fill</h2>
      <table className="mb-5 w-full border-collapse [&_td]:py-1">
        <thead>
          <tr className="border-b border-ink text-left font-head">
            <th className="w-56 py-1">Where</th>
            <th className="w-56">Shows now</th>
            <th>On {plan.to}</th>
          </tr>
        </thead>
        <tbody>
          {plan.values.map((line) => (
            <tr key={line.id} className="border-b border-rule align-top">
              <td className="pr-3">
                {line.place}
                <On scenes={line.scenes} />
              </td>
              <td className="pr-3 text-faint">{line.meaning}</td>
              <td>
                {line.options.length > 0 && (
                  <select
                    className="field max-w-full"
                    aria-label={`What ${line.place} shows on ${plan.to}`}
                    value={choices.values[line.id] ?? line.chosen}
                    onChange={(e) => show(line.id, e.target.value)}
                  >
                    {line.options.map((option) => (
                      <option key={option.name} value={option.name}>
                        {option.meaning}
                      </option>
                    ))}
                    <option value="">what it shows now</option>
                  </select>
                )}
                <div className="text-faint">{line.note}</div>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** On which scenes something is seen. */
export function On({ scenes }: { scenes: string[] }) {
  return scenes.length === 0 ? null : <div className="text-faint">on {scenes.join(", ")}</div>;
}

function Areas({ plan, choices, keep }: PartProps & { keep: (line: string, kept: boolean) => void }) {
  if (plan.areas.length === 0) return null;
  return (
    <>
      <h2 className="mb-1">Kept clear for the platform’s own buttons</h2>
      <ul className="mb-5">
        {plan.areas.map((line) => (
          <li key={line.id} className="py-1">
            <label className="flex items-start gap-2">
              <input
                type="checkbox"
                className="mt-1"
                checked={!choices.kept.includes(line.id)}
                onChange={(e) => keep(line.id, !e.target.checked)}
              />
              <span>
                {line.title}, {line.shape.toLowerCase()}:{" "}
                {line.begins ? "is to be kept clear" : "need not be kept clear any more"}
                <On scenes={line.scenes} />
              </span>
            </label>
          </li>
        ))}
      </ul>
    </>
  );
}

function CopyForm({ to, plan, choices, done }: { to: string; plan: Plan; choices: Choices; done: () => void }) {
  const { id, theme } = useTheme();
  const navigate = useNavigate();
  const [channel, setChannel] = useState(theme.name);
  const mayMove = useMay();
  const move = useMutation({
    mutationFn: () =>
      inTurn(() =>
        answer(
          api.POST("/api/themes/{id}/move", {
            params: { path: { id } },
            body: { platform: to, channelName: channel, choices },
          }),
        ),
      ),
    onSuccess: (copy) => {
      done();
      void navigate(`/themes/${copy.theme}/move`);
    },
    onError: sayProblem,
  });
  const lost = plan.signals.filter((line) => line.fate === "LOST").length;
  if (!mayMove) return null;
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        move.mutate();
      }}
    >
      <label className="flex items-center gap-2">
        Channel on {plan.to}
        <input
          className="field w-56"
          required
          maxLength={80}
          value={channel}
          onChange={(e) => setChannel(e.target.value)}
        />
      </label>
      <button className="btn btn-main" disabled={move.isPending}>
        Copy to {plan.to}
      </button>
      {lost > 0 && (
        <span className="text-ochre">
          {lost} {lost === 1 ? "signal is" : "signals are"} lost there.
        </span>
      )}
      <span className="text-faint">Tables, sequences and what the chat hides go along.</span>
    </form>
  );
}
