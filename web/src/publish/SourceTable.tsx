import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Copy, QrCode, RefreshCw, SlidersHorizontal, Unlink } from "lucide-react";
import { useState } from "react";
import { answer, api } from "../api/client";
import { moment } from "../app/dates";
import { LinkCode } from "../app/LinkCode";
import { sayProblem, useNotices } from "../app/notices";
import { useCopy } from "../app/useCopy";
import { May } from "../theme/May";
import { titleOf, useChoices } from "../theme/titles";
import { useTheme } from "../theme/useTheme";
import { AloneForm } from "./AloneForm";
import { SettingsForm } from "./SettingsForm";
import type { Row } from "./useLedger";

/** A source for each scene, with link, size, behaviour and health; what it can be taken in besides, when asked for. */
export function SourceTable({ rows, canvas }: { rows: Row[]; canvas: string }) {
  const [all, setAll] = useState(false);
  const shown = rows.filter((row) => all || row.recommended || row.open > 0 || alone(row));
  return (
    <>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-ink text-left font-head">
            <th className="py-1 pr-2">Scene</th>
            <th className="pr-2">Source</th>
            <th className="pr-2">Link</th>
            <th className="pr-2">Size</th>
            <th className="pr-2">Behaviour</th>
            <th>Health</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((row, i) => (
            <LedgerRow
              key={row.outlet}
              row={row}
              first={shown[i - 1]?.scene !== row.scene}
              only={shown.filter((one) => one.scene === row.scene).length === 1}
            />
          ))}
        </tbody>
      </table>
      <label className="mt-3 flex items-center gap-1.5">
        <input type="checkbox" className="accent-kelp" checked={all} onChange={(e) => setAll(e.target.checked)} />
        Show all parts that scenes can be taken in
      </label>
      <May>
        <AloneForm canvas={canvas} />
      </May>
    </>
  );
}

const RISK =
  "Viewers see every edit of the draft in this source while it is made: half a word, a piece on its way, a mistake before it is undone.";

/** How long a source shows the draft, in minutes. */
const DRAFT_FOR: [string, string, number][] = [
  ["15", "the draft for 15 minutes", 15],
  ["60", "the draft for an hour", 60],
  ["240", "the draft for four hours", 240],
  ["0", "the draft until I end it", 0],
];

function alone(row: Row): boolean {
  return row.part.startsWith("PIECE:") || row.part.startsWith("GROUP:");
}

function LedgerRow({ row, first, only }: { row: Row; first: boolean; only: boolean }) {
  const { behaviours } = useChoices();
  const { id } = useTheme();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [qr, setQr] = useState(false);
  const [setting, setSetting] = useState(false);
  const done = () => void queries.invalidateQueries({ queryKey: ["ledger", id] });
  const reissue = useMutation({
    mutationFn: () => answer(api.POST("/api/outlets/{id}/reissue", { params: { path: { id: row.outlet } } })),
    onSuccess: () => {
      done();
      say("The source has a new link; the old one shows nothing.");
    },
    onError: sayProblem,
  });
  const withdraw = useMutation({
    mutationFn: () => answer(api.POST("/api/outlets/{id}/withdraw", { params: { path: { id: row.outlet } } })),
    onSuccess: () => {
      done();
      say("The link is withdrawn and shows nothing. A new link brings the source back.");
    },
    onError: sayProblem,
  });
  const follow = useMutation({
    mutationFn: (body: { draft: boolean; minutes: number }) =>
      answer(api.PUT("/api/outlets/{id}/follows", { params: { path: { id: row.outlet } }, body })),
    onSuccess: done,
    onError: sayProblem,
  });
  const put = useCopy();
  const copy = () => put(row.link, "Link copied.", "The browser does not allow copying here; drag the link instead.");
  const colour = row.state === "RIGHT" ? "text-kelp" : row.state === "NOT_OPEN" ? "text-faint" : "text-ochre font-bold";
  return (
    <tr
      className={`align-top ${first ? "border-t border-rule" : ""}`}
      data-scene={row.scene}
      data-part={row.part}
      data-canvas={row.canvas}
    >
      <td className="py-1.5 pr-2 font-head font-bold">{first && row.sceneName}</td>
      <td className="py-1.5 pr-2">
        {row.title}
        {row.recommended && !only && <span className="block font-bold text-kelp">take this one</span>}
      </td>
      <td className="py-1.5 pr-2">
        {row.link === "" ? (
          <span className="text-faint">for operators and above</span>
        ) : (
          <span className="flex items-center gap-1">
            <a
              href={row.link}
              target="_blank"
              rel="noreferrer"
              className="block w-40 truncate underline"
              title={row.link}
              data-testid="link"
            >{`…${row.link.slice(-16)}`}</a>
            <button className="btn px-1.5" onClick={copy} aria-label="Copy the link">
              <Copy size={13} />
            </button>
            <button className="btn px-1.5" onClick={() => setQr(!qr)} aria-label="Show as QR code" aria-expanded={qr}>
              <QrCode size={13} />
            </button>
            {row.state !== "WITHDRAWN" && (
              <button
                className="btn px-1.5"
                onClick={() => setSetting(true)}
                aria-label={`Settings in the link of ${row.sceneName}, ${row.title}`}
                title="Settings in the link, for this source alone"
              >
                <SlidersHorizontal size={13} />
              </button>
            )}
            <May>
              <button
                className="btn px-1.5"
                onClick={() => {
                  if (confirm("Give this source a new link? The present one stops showing anything at once."))
                    reissue.mutate();
                }}
                aria-label="Issue a new link"
                title="Issue a new link"
              >
                <RefreshCw size={13} />
              </button>
              {row.state !== "WITHDRAWN" && (
                <button
                  className="btn px-1.5"
                  onClick={() => {
                    if (
                      confirm(
                        `Withdraw the link of ${row.sceneName}, ${row.title}, ${row.canvasName}? ${opened(row.open)} It shows nothing from then on, until the source gets a new link.`,
                      )
                    )
                      withdraw.mutate();
                  }}
                  aria-label="Withdraw the link"
                  title="Withdraw the link"
                >
                  <Unlink size={13} />
                </button>
              )}
            </May>
          </span>
        )}
        {setting && <SettingsForm row={row} close={() => setSetting(false)} />}
        {qr && (
          <div className="mt-1">
            <LinkCode link={row.link} size={164} />
          </div>
        )}
        <May>
          <label className="mt-0.5 flex items-center gap-1 text-faint">
            shows
            <select
              className={`h-6 bg-transparent underline ${row.followsDraft ? "font-bold text-ochre" : ""}`}
              aria-label={`What ${row.sceneName}, ${row.title} shows`}
              value={row.followsDraft ? "draft" : "air"}
              onChange={(e) => {
                const minutes = DRAFT_FOR.find(([value]) => value === e.target.value)?.[2];
                if (minutes === undefined) follow.mutate({ draft: false, minutes: 0 });
                else if (confirm(`${RISK}${minutes === 0 ? "" : " It ends by itself."}`))
                  follow.mutate({ draft: true, minutes });
              }}
            >
              <option value="air">what is on air</option>
              {row.followsDraft && (
                <option value="draft">
                  the draft
                  {row.followsUntil > 0 ? ` until ${moment(new Date(row.followsUntil).toISOString())}` : ""}
                </option>
              )}
              {DRAFT_FOR.map(([value, title]) => (
                <option key={value} value={value}>
                  {title}
                </option>
              ))}
            </select>
          </label>
        </May>
      </td>
      <td className="whitespace-nowrap py-1.5 pr-2">
        {row.width} × {row.height}
        <br />
        {(row.x > 0 || row.y > 0) && (
          <>
            <span className="text-faint">
              at {row.x}, {row.y}
            </span>
            <br />
          </>
        )}
        <span className="text-faint">{row.frameRate} fps</span>
      </td>
      <td className="py-1.5 pr-2">
        {titleOf(behaviours, row.advice.behaviour)}
        <br />
        <span className="text-faint">{row.advice.reason}</span>
        <br />
        {row.advice.sound ? (
          "Route its sound: alerts may be heard here."
        ) : (
          <span className="text-faint">No sound.</span>
        )}
      </td>
      <td className={`py-1.5 ${colour}`}>
        {row.sentence}
        {row.open > 0 && (
          <span className="block font-normal text-faint">
            {row.seen === 0
              ? "Viewers do not see it now."
              : row.seen < row.open
                ? `Seen in ${String(row.seen)}.`
                : "Viewers see it."}
          </span>
        )}
        {row.open === 0 && row.seenAt > 0 && (
          <span className="block font-normal text-faint">Last seen {moment(new Date(row.seenAt).toISOString())}.</span>
        )}
      </td>
    </tr>
  );
}

function opened(times: number): string {
  if (times === 0) return "It is open nowhere now.";
  return `It is open ${times === 1 ? "in one place" : `in ${String(times)} places`} now.`;
}
