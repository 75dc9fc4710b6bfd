import { useEffect, useRef, useState, type FormEvent, type ReactNode } from "react";
import { Link, Navigate } from "react-router";
import { includes } from "../app/roles";
import type { Schemas, ThemeView } from "../api/client";
import { Mark } from "../app/Mark";
import { ScenePicture } from "../app/ScenePicture";
import { Trouble } from "../app/Trouble";
import { useInside } from "../app/useWorkspace";
import { useThemeQuery } from "../theme/useTheme";
import { ColoursQuestion } from "./ColoursQuestion";
import { FamilyQuestion } from "./FamilyQuestion";
import { OnAirQuestion } from "./OnAirQuestion";
import { ScenesQuestion } from "./ScenesQuestion";
import { StreamQuestion } from "./StreamQuestion";
import { LAST, useBeginning } from "./useBeginning";
import { WordsQuestion } from "./WordsQuestion";

type SceneRole = Schemas["Scene"]["role"];

const QUESTIONS = [
  "What is it called, and which are its colours?",
  "Which family?",
  "Which scenes, on which canvases?",
  "What do they say?",
  "Where do you stream?",
  "On air, and into your sources",
];

/** One question at a time, beside the true picture of what the answers make. */
export function BeginPage() {
  const theme = useThemeQuery();
  const beginning = useBeginning();
  const inside = useInside(theme.data?.workspace);
  if (theme.isPending || beginning.query.isPending) return <p className="p-6 text-faint">Opening the questions …</p>;
  if (!theme.data || !beginning.now) {
    return (
      <main className="p-6">
        <h1 className="mb-2">These questions cannot be opened</h1>
        <Trouble query={theme.error ? theme : beginning.query} className="mb-4" />
        <Link className="btn" to="/">
          Back to the shelf
        </Link>
      </main>
    );
  }
  if (!inside) return null;
  // Whoever may not answer looks at what was made of the answers.
  if (!includes(theme.data.role, "DESIGNER")) return <Navigate to={`/themes/${theme.data.id}`} replace />;
  return <Asked theme={theme.data} beginning={beginning} now={beginning.now} />;
}

export type Beginning = ReturnType<typeof useBeginning>;

function Asked(props: { theme: ThemeView; beginning: Beginning; now: NonNullable<Beginning["now"]> }) {
  const { theme, beginning, now } = props;
  const { answers, step } = now;
  const [looked, setLooked] = useState<SceneRole>("LIVE");
  const title = useRef<HTMLHeadingElement>(null);
  const first = useRef(true);
  useEffect(() => {
    // Whoever cannot see the page hears the next question.
    if (!first.current) title.current?.focus();
    first.current = false;
  }, [step]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (step < LAST) beginning.go(step + 1);
  };
  const questions: ReactNode[] = [
    <ColoursQuestion key="1" answers={answers} change={beginning.change} />,
    <FamilyQuestion key="2" theme={theme} answers={answers} change={beginning.change} />,
    <ScenesQuestion key="3" answers={answers} change={beginning.change} look={setLooked} />,
    <WordsQuestion key="4" answers={answers} change={beginning.change} look={setLooked} />,
    <StreamQuestion key="5" theme={theme} />,
    <OnAirQuestion key="6" theme={theme} settled={beginning.settled} />,
  ];
  return (
    <div className="grid min-h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr]">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-2 border-b border-rule bg-sheet px-4 py-2">
        <Link to="/" aria-label="Shelf">
          <Mark size={20} />
        </Link>
        <b className="truncate font-head">{answers.name}</b>
        <Progress step={step} go={beginning.go} />
        <Link className="btn ml-auto" to={`/themes/${theme.id}/sheet`}>
          {step === LAST && theme.onAir > 0 ? "To the theme" : "Leave the questions"}
        </Link>
      </header>
      <main className="grid min-h-0 content-start grid-cols-[minmax(0,1fr)] gap-6 p-4 sm:p-6 min-[900px]:grid-cols-[minmax(340px,2fr)_minmax(0,3fr)]">
        <form onSubmit={submit} className="flex min-w-0 flex-col" aria-labelledby="question">
          <p className="text-faint">
            Question {step} of {LAST}
          </p>
          <h1 id="question" ref={title} tabIndex={-1} className="mb-3 focus:outline-none">
            {QUESTIONS[step - 1]}
          </h1>
          {questions[step - 1]}
          <p role="alert" className="mt-2 min-h-5 text-live">
            {beginning.trouble}
          </p>
          {step < LAST && (
            <div className="sticky bottom-0 -mx-1 flex items-center gap-2 bg-paper px-1 py-2">
              {step > 1 && (
                <button type="button" className="btn" onClick={() => beginning.go(step - 1)}>
                  Back
                </button>
              )}
              <button className="btn btn-main">Next</button>
              <button type="button" className="btn" onClick={() => beginning.skip()}>
                Skip
              </button>
              <button type="button" className="ml-2 underline" onClick={() => beginning.go(LAST)}>
                Skip the rest
              </button>
            </div>
          )}
          {step === LAST && (
            <div>
              <button type="button" className="btn" onClick={() => beginning.go(step - 1)}>
                Back
              </button>
            </div>
          )}
        </form>
        <Pictures theme={theme} looked={looked} look={setLooked} />
      </main>
    </div>
  );
}

function Progress({ step, go }: { step: number; go: (step: number) => void }) {
  return (
    <ol className="flex gap-1.5" aria-label="Questions">
      {QUESTIONS.map((question, i) => (
        <li key={question}>
          <button
            type="button"
            className={`size-6 rounded-full border text-[12px] ${i + 1 === step ? "border-ink bg-ink text-paper" : i + 1 < step ? "border-kelp text-kelp" : "border-rule text-faint"}`}
            aria-current={i + 1 === step ? "step" : undefined}
            title={question}
            aria-label={`${String(i + 1)}: ${question}`}
            onClick={() => go(i + 1)}
          >
            {i + 1}
          </button>
        </li>
      ))}
    </ol>
  );
}

/** What viewers would see: one scene large, the others below it. */
function Pictures(props: { theme: ThemeView; looked: SceneRole; look: (role: SceneRole) => void }) {
  const { scenes, canvases } = props.theme.theme;
  const scene = scenes.find((one) => one.role === props.looked) ?? scenes[0];
  const canvas = canvases[0];
  if (!scene || !canvas) return <p className="text-faint">No scene yet.</p>;
  return (
    <section className="min-w-0" aria-label="As viewers would see it">
      <div className={`weave mx-auto ${canvas.size.height > canvas.size.width ? "max-w-72" : ""}`}>
        <ScenePicture
          theme={props.theme.id}
          scene={scene.id}
          canvas={canvas.id}
          width={canvas.size.width}
          height={canvas.size.height}
          moving
        />
      </div>
      <ol className="mt-2 grid grid-cols-5 gap-2">
        {scenes.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              className={`block w-full border text-left ${one === scene ? "border-ink" : "border-transparent"}`}
              aria-pressed={one === scene}
              onClick={() => props.look(one.role)}
            >
              <span className="weave block">
                <ScenePicture
                  theme={props.theme.id}
                  scene={one.id}
                  canvas={canvas.id}
                  width={canvas.size.width}
                  height={canvas.size.height}
                />
              </span>
              <span className="px-1 text-faint">{one.name}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
