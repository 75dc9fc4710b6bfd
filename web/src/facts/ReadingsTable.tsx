import { useQuery } from "@tanstack/react-query";
import { RotateCcw, Undo2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { NumberField } from "../app/NumberField";
import { Trouble } from "../app/Trouble";
import { useDeed } from "../app/useDeed";
import { TimeZoneField } from "../content/TimeZoneField";
import { amount } from "../content/amount";
import { May, useMay } from "../theme/May";
import { useTheme } from "../theme/useTheme";

type Board = Schemas["ReadingsBoard"];
type Line = Schemas["ReadingLine"];
type Period = Schemas["PeriodView"];

/** The page looks again so often; milliseconds. */
const LOOKS = 2000;

/** What a show's signals come to, over which time, and how they are counted. */
export function ReadingsTable() {
  const { show } = useTheme();
  const may = useMay("OPERATOR");
  const path = { params: { path: { show } } };
  const key = ["readings", show];
  const board = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/shows/{show}/readings", path)),
    refetchInterval: LOOKS,
  });
  const count = useDeed(
    (wish: Schemas["CountingWish"]) => answer(api.PUT("/api/shows/{show}/readings/counting", { ...path, body: wish })),
    () => "",
    [key],
  );
  const correct = useDeed(
    (wish: Schemas["CorrectionWish"]) =>
      answer(api.POST("/api/shows/{show}/readings/correction", { ...path, body: wish })),
    () => "",
    [key],
  );
  const begin = useDeed(
    (wish: Schemas["BeginningWish"]) =>
      answer(api.POST("/api/shows/{show}/readings/beginning", { ...path, body: wish })),
    (_, wish) => (wish.anew ? "It counts from now on. Press the arrow back beside it to take that back." : ""),
    [key],
  );
  const put = async (change: Partial<Schemas["CountingWish"]>) => {
    if (!board.data) return false;
    const { zone, currency, rates } = board.data;
    await count.mutateAsync({ zone, currency, rates, ...change });
    return true;
  };
  return (
    <section aria-labelledby="readings">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <h2 id="readings">Readings</h2>
        <span className="text-faint">
          What pieces show as live numbers and names. {may ? "Press a number to correct it." : ""}
        </span>
      </div>
      <Trouble query={board} />
      {board.data && (
        <>
          <How board={board.data} put={put} />
          <div className="overflow-x-auto">
            <table className="w-full border-collapse">
              <thead>
                <tr className="border-b border-ink text-left align-bottom font-head">
                  <th className="py-1 pr-2 font-bold">Reading</th>
                  {board.data.periods.map((period) => (
                    <Head key={period.id} period={period} begin={(anew) => begin.mutate({ period: period.id, anew })} />
                  ))}
                </tr>
              </thead>
              <tbody>
                {board.data.lines.map((line) => (
                  <tr key={line.name} className="border-b border-rule" data-reading={line.name}>
                    <th scope="row" className="py-0.5 pr-2 text-left font-normal">
                      {line.meaning}
                    </th>
                    {board.data.periods.map((period) => (
                      <Cell
                        key={period.id}
                        line={line}
                        period={period}
                        correct={
                          may && line.counts
                            ? (value) => correct.mutateAsync({ reading: line.name, period: period.id, value })
                            : undefined
                        }
                      />
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
    </section>
  );
}

/** By whose days and in which money it counts. */
function How({ board, put }: { board: Board; put: (change: Partial<Schemas["CountingWish"]>) => Promise<boolean> }) {
  const foreign = [...new Set([...Object.keys(board.rates), ...Object.keys(board.leftOut)])].sort();
  const currencies = Intl.supportedValuesOf("currency");
  return (
    <May role="OPERATOR">
      <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="w-52">
          <TimeZoneField title="Days begin at midnight in" value={board.zone} set={(zone) => put({ zone })} />
        </div>
        <label>
          <span className="block text-faint">Sums of money in</span>
          <select
            className="field"
            value={board.currency}
            onChange={(event) => void put({ currency: event.target.value })}
          >
            {currencies.map((code) => (
              <option key={code}>{code}</option>
            ))}
          </select>
        </label>
        {foreign.map((code) => (
          <div key={code}>
            <span className={`block ${board.leftOut[code] ? "text-ochre" : "text-faint"}`}>
              {board.leftOut[code] ? `${board.leftOut[code]} is in no sum` : `1 ${code} is`}
            </span>
            <span className="flex items-center gap-1.5">
              {board.leftOut[code] ? `1 ${code} is` : ""}
              <Rate
                code={code}
                value={board.rates[code] ?? 0}
                set={(rate) => {
                  const others = Object.fromEntries(Object.entries(board.rates).filter(([other]) => other !== code));
                  return put({ rates: rate > 0 ? { ...others, [code]: rate } : others });
                }}
              />
              {board.currency}
            </span>
          </div>
        ))}
      </div>
    </May>
  );
}

function Rate({ code, value, set }: { code: string; value: number; set: (rate: number) => Promise<boolean> }) {
  return (
    <NumberField label={`What one ${code} is worth; 0 for no rate`} width={6} digits={6} value={value} set={set} />
  );
}

function Head({ period, begin }: { period: Period; begin: (anew: boolean) => void }) {
  const since = period.since === 0 ? "since the beginning" : `since ${when(period.since)}`;
  return (
    <th className="py-1 pr-2 text-right font-bold">
      <span className="block">{period.title}</span>
      <span className="flex items-center justify-end gap-1 font-body font-normal text-faint">
        {since}
        <May role="OPERATOR">
          <button
            className="only-may flex size-6 items-center justify-center hover:text-ink"
            aria-label={`Begin counting ${period.title} anew`}
            title="Begin anew from now on"
            onClick={() => begin(true)}
          >
            <RotateCcw size={13} />
          </button>
          {period.begun && (
            <button
              className="only-may flex size-6 items-center justify-center hover:text-ink"
              aria-label={`Count ${period.title} as before`}
              title="Count as if it had not been begun anew"
              onClick={() => begin(false)}
            >
              <Undo2 size={13} />
            </button>
          )}
        </May>
      </span>
    </th>
  );
}

/** @param correct where it may be corrected */
function Cell(props: { line: Line; period: Period; correct: ((value: number) => Promise<unknown>) | undefined }) {
  const { line, period, correct } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const cell = line.cells[period.id];
  const name = `${line.meaning} ${period.title}`;
  if (!cell) return <td />;
  if (typed !== null && correct) {
    const keep = () => {
      const value = amount(typed);
      setTyped(null);
      if (value !== undefined && value !== cell.number) void correct(value).catch(() => undefined);
    };
    return (
      <td className="py-0.5 pr-2 text-right">
        <input
          className="field w-24 text-right"
          aria-label={name}
          autoFocus
          inputMode="decimal"
          value={typed}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === "Enter") keep();
            if (event.key === "Escape") setTyped(null);
          }}
        />
      </td>
    );
  }
  const shown = cell.written === "" ? "–" : cell.written;
  const text = `${line.type === "TEXT" ? "" : "tabular-nums"} ${cell.corrected ? "underline decoration-dotted underline-offset-2" : ""}`;
  return (
    <td className="max-w-32 py-0.5 pr-2 text-right">
      {correct ? (
        <button
          className={`min-h-6 min-w-6 px-1 hover:bg-kelp-soft ${text}`}
          aria-label={`${name}: ${shown}`}
          title={cell.corrected ? "Corrected by hand" : "Correct it"}
          onClick={() => setTyped(String(cell.number))}
        >
          {shown}
        </button>
      ) : (
        <span className={`block truncate px-1 ${text}`} title={cell.written}>
          {shown}
        </span>
      )}
    </td>
  );
}

function when(millis: number): string {
  const at = new Date(millis);
  const midnight = at.getHours() === 0 && at.getMinutes() === 0;
  return at.toLocaleString("en-GB", {
    day: "numeric",
    month: "short",
    ...(midnight ? {} : { hour: "2-digit", minute: "2-digit" }),
  });
}
