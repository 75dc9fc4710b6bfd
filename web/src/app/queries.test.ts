import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test, vi } from "vitest";
import { Queries } from "./queries";

const KEY = ["codes"];

/** Answers that come when the test wants them. */
function asked(queries: QueryClient) {
  const answers: ((value: string) => void)[] = [];
  const seen: (string | undefined)[] = [];
  const queryFn = () => new Promise<string>((resolve) => answers.push(resolve));
  new QueryObserver(queries, { queryKey: KEY, queryFn, retry: false }).subscribe(({ data }) => seen.push(data));
  return { answers, last: () => seen.at(-1) };
}

test("a change while the first answer is on its way is asked for once that is there", async () => {
  const queries = new Queries();
  const { answers, last } = asked(queries);
  const known = queries.invalidateQueries({ queryKey: KEY });
  void queries.invalidateQueries({ queryKey: KEY });
  answers[0]?.("from before");
  await vi.waitFor(() => expect(last()).toBe("from before"));
  await vi.waitFor(() => expect(answers).toHaveLength(2));
  answers[1]?.("from after");
  await known;
  expect(last()).toBe("from after");
  expect(answers, "however many changes there were").toHaveLength(2);
});

test("later changes are asked for at once", async () => {
  const queries = new Queries();
  const { answers, last } = asked(queries);
  answers[0]?.("from before");
  await vi.waitFor(() => expect(last()).toBe("from before"));
  const known = queries.invalidateQueries({ queryKey: KEY });
  expect(answers).toHaveLength(2);
  answers[1]?.("from after");
  await known;
  expect(last()).toBe("from after");
});
