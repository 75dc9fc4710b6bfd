import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { inTurn, takeView, useThemeId } from "../theme/useTheme";
import { Trouble } from "../app/Trouble";
import { useMay } from "../theme/May";

const TIME = new Intl.DateTimeFormat(undefined, { hour: "2-digit", minute: "2-digit", hourCycle: "h23" });
const DAY = new Intl.DateTimeFormat(undefined, { day: "numeric", month: "short" });
const STATES = { DONE: "", UNDONE: "taken back", DROPPED: "taken back", STEP: "undo or redo" };

/** Who changed what and when; from each line the theme can go back to how it was then. */
export function History() {
  const id = useThemeId();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const may = useMay();
  const history = useQuery({
    queryKey: ["history", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/history", { params: { path: { id } } })),
    placeholderData: (old) => old,
  });
  const restore = useMutation({
    mutationFn: (number: number) =>
      inTurn(() => answer(api.POST("/api/themes/{id}/history/{number}/restore", { params: { path: { id, number } } }))),
    onSuccess: (view) => {
      takeView(queries, view);
      say("The theme is as it was then; undo takes that back.");
    },
    onError: sayProblem,
  });
  if (history.isPending) return <p className="text-faint">Reading what happened …</p>;
  if (!history.data) return <Trouble query={history} />;
  if (history.data.length === 0) return <p className="text-faint">Nothing was changed yet.</p>;
  return (
    <ol className="ruled" aria-label="History">
      {history.data.map((line, i) => (
        <li key={line.number} className="flex items-baseline gap-2 py-1">
          <time className="shrink-0 text-faint" dateTime={line.at} title={new Date(line.at).toLocaleString()}>
            {time(line.at)}
          </time>
          <span className="min-w-0 flex-1">
            <span className={line.state === "DONE" ? "" : "text-faint"}>{line.deed}</span>{" "}
            <span className="text-faint">
              {line.who}
              {STATES[line.state] === "" ? "" : `, ${STATES[line.state]}`}
            </span>
          </span>
          {i > 0 && may && (
            <button
              className="btn min-h-6 px-1.5"
              disabled={restore.isPending}
              onClick={() => restore.mutate(line.number)}
              aria-label={`Back to after: ${line.deed}`}
            >
              Back to here
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}

function time(at: string): string {
  const then = new Date(at);
  return then.toDateString() === new Date().toDateString() ? TIME.format(then) : DAY.format(then);
}
