import { useState } from "react";
import { useChannels } from "../app/useChannels";
import { useTheme } from "../theme/useTheme";
import { PaceFields } from "./PaceFields";
import { Queue } from "./Queue";
import { RuleList } from "./RuleList";
import { SoundList } from "./SoundList";
import { Trial } from "./Trial";
import type { Rule } from "./sentence";

/** What each signal is worth on screen: rules, tried in place, and the queue of what comes. */
export function AlertsPage() {
  const { theme, channel } = useTheme();
  const [chosen, setChosen] = useState("");
  // What is being typed, before it is kept.
  const [draft, setDraft] = useState<Partial<Rule>>({});
  const channels = useChannels();
  const rule = theme.alerts.find((one) => one.id === chosen) ?? theme.alerts[0];
  const choose = (id: string) => {
    setDraft({});
    setChosen(id);
  };
  return (
    <div className="grid h-full grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
      <section className="min-w-0 overflow-auto p-4" aria-labelledby="alerts">
        <div className="mb-2 flex items-baseline gap-3">
          <h1 id="alerts">Alerts</h1>
          <span className="text-faint">The first rule that fits a signal says how it is announced.</span>
        </div>
        <RuleList
          chosen={rule?.id ?? ""}
          choose={choose}
          draft={draft}
          type={setDraft}
          sent={channels.data?.find((one) => one.id === channel)?.signals.map((signal) => signal.kind) ?? []}
        />
        <PaceFields />
        <SoundList />
      </section>
      <section className="flex min-w-0 flex-col overflow-auto border-l border-rule p-4">
        {rule && <Trial key={rule.id} rule={{ ...rule, ...draft }} />}
        <Queue />
      </section>
    </div>
  );
}
