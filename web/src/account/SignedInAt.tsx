import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../api/client";
import { moment } from "../app/dates";
import { sayProblem, useNotices } from "../app/notices";
import { Trouble } from "../app/Trouble";

const KEY = ["sessions"];

/** Where this account is signed in, and how that ends. */
export function SignedInAt() {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const sessions = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET("/api/account/sessions")) });
  const ended = (words: string) => {
    say(words);
    void queries.invalidateQueries({ queryKey: KEY });
  };
  const end = useMutation({
    mutationFn: (session: string) =>
      answer(api.DELETE("/api/account/sessions/{session}", { params: { path: { session } } })),
    onSuccess: () => ended("That session has ended."),
    onError: sayProblem,
  });
  const endOthers = useMutation({
    mutationFn: () => answer(api.DELETE("/api/account/sessions")),
    onSuccess: () => ended("All other sessions have ended."),
    onError: sayProblem,
  });
  const busy = end.isPending || endOthers.isPending;
  return (
    <section aria-labelledby="sessions" className="border-l-4 border-double border-rule pl-4 sm:col-span-2">
      <h2 id="sessions" className="mb-2">
        Where you are signed in
      </h2>
      <Trouble query={sessions} />
      {sessions.data && (
        <table className="w-full text-left">
          <thead className="text-faint">
            <tr>
              <th className="py-1 pr-4 font-normal">Device</th>
              <th className="py-1 pr-4 font-normal">Since</th>
              <th className="py-1 pr-4 font-normal">Last used</th>
              <th>
                <span className="sr-only">End</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sessions.data.map((session) => (
              <Line key={session.id} session={session} busy={busy} onEnd={() => end.mutate(session.id)} />
            ))}
          </tbody>
        </table>
      )}
      {sessions.data && sessions.data.length > 1 && (
        <button className="btn mt-3" disabled={busy} onClick={() => endOthers.mutate()}>
          End all others
        </button>
      )}
    </section>
  );
}

function Line(props: { session: Schemas["SessionView"]; busy: boolean; onEnd: () => void }) {
  const { session } = props;
  return (
    <tr className="border-t border-rule">
      <td className="py-1.5 pr-4">
        {session.device}
        {session.standing && <span className="text-faint">, stays for 30 days</span>}
      </td>
      <td className="py-1.5 pr-4">{moment(session.since)}</td>
      <td className="py-1.5 pr-4">{session.here ? "now" : moment(session.last)}</td>
      <td className="py-1.5 text-right">
        {session.here ? (
          <span className="text-faint">this one</span>
        ) : (
          <button className="btn" disabled={props.busy} aria-label={`End ${session.device}`} onClick={props.onEnd}>
            End
          </button>
        )}
      </td>
    </tr>
  );
}
