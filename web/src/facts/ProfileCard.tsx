import { useQuery } from "@tanstack/react-query";
import { Download, FileUp, Save, Trash2 } from "lucide-react";
import { useRef, useState } from "react";
import { answer, api } from "../api/client";
import { useDeed } from "../app/useDeed";
import { useFileDrop } from "../app/useFileDrop";
import { type Platform } from "../app/usePlatforms";
import { useSettled } from "../app/useSettled";
import { May, useMay } from "../theme/May";

/** A pause in typing after which the text is looked at; milliseconds. */
const SETTLES = 300;
const TOUCHED = [["platforms"], ["channels"], ["inlet"], ["theme"], ["shelf"]];

/**
 * A platform's profile as a document that is read and written here.
 *
 * @param platform undefined for one that is to be written, after the model of another one
 */
export function ProfileCard(props: {
  platform: Platform | undefined;
  model: Platform;
  done: (platform: string) => void;
}) {
  const { platform, model, done } = props;
  const stored = platform?.document ?? likeOf(model);
  const [text, setText] = useState(stored);
  const flaws = useFlaws(text);
  const mayWrite = useMay() && platform?.own !== false;
  const save = useDeed(
    () => answer(api.POST("/api/platforms", { body: { document: text } })),
    (saved) => {
      setText(saved.document);
      done(saved.id);
      return `${saved.title} is kept. Channels can be on it.`;
    },
    TOUCHED,
  );
  const changed = platform === undefined || text !== stored;
  const wrong = flaws.data?.flaws ?? [];
  return (
    <div className="flex h-full min-h-0 flex-col">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h1 className="text-lg">{platform ? platform.title : "A platform of your own"}</h1>
        <span className="text-faint">
          {platform?.own === false
            ? "Comes along with Brandeon and is not changed; write one like it instead."
            : "Its signals, what people there say, and what its buttons cover, as a document."}
        </span>
        <span className="ml-auto flex gap-2">
          {platform && <TakeOut platform={platform} />}
          {mayWrite && <BringIn read={setText} />}
          {platform?.own && mayWrite && <Remove platform={platform} done={() => done(model.id)} />}
          {mayWrite && (
            <button
              className="btn btn-main"
              disabled={!changed || save.isPending || !flaws.data || wrong.length > 0}
              onClick={() => save.mutate(undefined)}
            >
              <Save size={14} aria-hidden="true" />
              Keep it
            </button>
          )}
        </span>
      </div>
      <Document text={text} change={mayWrite ? setText : undefined} lines={wrong.map((flaw) => flaw.line)} />
      <ul
        className="mt-2 max-h-40 min-h-6 overflow-auto"
        aria-label="What is wrong"
        aria-live="polite"
        tabIndex={wrong.length ? 0 : undefined}
      >
        {wrong.map((flaw) => (
          <li key={`${String(flaw.line)} ${flaw.sentence}`} className="flex gap-3">
            <span className="w-16 shrink-0 font-bold text-ochre">
              {flaw.line > 0 ? `Line ${String(flaw.line)}` : ""}
            </span>
            <span className="min-w-0">{flaw.sentence}</span>
          </li>
        ))}
        {mayWrite && flaws.data && wrong.length === 0 && (
          <li className="text-faint">
            {changed ? "Nothing is wrong with it; it is not kept yet." : "Kept as it stands."}
          </li>
        )}
      </ul>
    </div>
  );
}

function useFlaws(text: string) {
  const settled = useSettled(text, SETTLES);
  return useQuery({
    queryKey: ["profile check", settled],
    queryFn: () => answer(api.POST("/api/platforms/check", { body: { document: settled } })),
    placeholderData: (before) => before,
  });
}

/** The text with the number of each line beside it. */
function Document(props: { text: string; change: ((text: string) => void) | undefined; lines: number[] }) {
  const { text, change, lines } = props;
  const numbers = useRef<HTMLPreElement>(null);
  const { over, dropping } = useFileDrop(([first]) => {
    if (change) void first?.text().then(change);
  }, change !== undefined);
  return (
    <div
      className={`flex min-h-0 flex-1 border font-mono leading-5 ${over ? "border-kelp bg-kelp-soft" : "border-rule bg-sheet"}`}
    >
      <pre
        ref={numbers}
        aria-hidden="true"
        className="overflow-hidden border-r border-rule px-2 py-2 text-right text-faint"
      >
        {text.split("\n").map((_, i) => (
          <div key={i} className={lines.includes(i + 1) ? "bg-ochre-soft font-bold text-ochre" : ""}>
            {i + 1}
          </div>
        ))}
      </pre>
      <textarea
        className="min-w-0 flex-1 resize-none overflow-auto bg-transparent px-2 py-2 whitespace-pre"
        aria-label="The profile"
        spellCheck={false}
        wrap="off"
        readOnly={!change}
        value={text}
        onChange={(event) => change?.(event.target.value)}
        onScroll={(event) => {
          if (numbers.current) numbers.current.scrollTop = event.currentTarget.scrollTop;
        }}
        {...dropping}
      />
    </div>
  );
}

function TakeOut({ platform }: { platform: Platform }) {
  return (
    <a
      className="btn"
      download={`${platform.id}.profile.json`}
      href={`data:application/json;charset=utf-8,${encodeURIComponent(platform.document)}`}
    >
      <Download size={14} aria-hidden="true" />
      Take out
    </a>
  );
}

function BringIn({ read }: { read: (text: string) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button className="btn" onClick={() => input.current?.click()}>
        <FileUp size={14} aria-hidden="true" />
        Bring in
      </button>
      <input
        ref={input}
        type="file"
        className="hidden"
        accept=".json,application/json"
        aria-label="Profile to bring in"
        onChange={(event) => {
          void event.target.files?.[0]?.text().then(read);
          event.target.value = "";
        }}
      />
    </>
  );
}

function Remove({ platform, done }: { platform: Platform; done: () => void }) {
  const remove = useDeed(
    () => answer(api.DELETE("/api/platforms/{id}", { params: { path: { id: platform.id } } })),
    () => {
      done();
      return `The profile of ${platform.title} is deleted.`;
    },
    TOUCHED,
  );
  return (
    <May>
      <button
        className="btn"
        disabled={remove.isPending}
        onClick={() => {
          if (confirm(`Delete the profile of ${platform.title}?`)) remove.mutate(undefined);
        }}
      >
        <Trash2 size={14} aria-hidden="true" />
        Delete
      </button>
    </May>
  );
}

/** Where one of the workspace's own begins: all of another one under names of its own. */
function likeOf(model: Platform): string {
  return model.document
    .replace(`"id" : "${model.id}"`, `"id" : "my-platform"`)
    .replace(`"title" : "${model.title}"`, `"title" : "My platform"`)
    .replaceAll(`"${model.id}.`, `"my-platform.`);
}
