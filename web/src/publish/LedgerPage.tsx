import { titleOf, useChoices } from "../theme/titles";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Copy, QrCode, RefreshCw, Unlink } from "lucide-react";
import { QRCodeSVG } from "qrcode.react";
import { useState } from "react";
import { answer, api, type Schemas } from "../api/client";
import { sayProblem, useNotices } from "../app/notices";
import { useCopy } from "../app/useCopy";
import { HeardIn } from "../alerts/HeardIn";
import { useTheme } from "../theme/useTheme";
import { Trouble } from "../app/Trouble";
import { Link } from "react-router";
import { May, useMay } from "../theme/May";
import { usePutOnAir } from "../theme/usePutOnAir";

type Row = Schemas["Row"];

const PART_NAMES: Record<Row["part"], string> = {
  WHOLE: "whole",
  BACK: "behind captures",
  FRONT: "in front of captures",
};

/** Every source with its link, size, order, behaviour and health. */
export function LedgerPage() {
  const theme = useTheme();
  const { id, onAir } = theme;
  const air = usePutOnAir(theme);
  const [canvas, setCanvas] = useState("");
  const [all, setAll] = useState(false);
  const may = useMay("OPERATOR");
  const ledger = useQuery({
    queryKey: ["ledger", id],
    queryFn: () => answer(api.GET("/api/themes/{id}/ledger", { params: { path: { id } } })),
    refetchInterval: 2000,
  });
  const shown = ledger.data?.sheets.find((sheet) => sheet.canvas.id === canvas) ?? ledger.data?.sheets[0];
  const rows =
    ledger.data?.rows.filter(
      (row) => row.canvas === shown?.canvas.id && (all || row.recommended || row.part === "WHOLE"),
    ) ?? [];
  const wrong =
    ledger.data?.rows.filter((row) => row.state === "WRONG_SIZE" || row.state === "BEHIND" || row.oldLinkOpened > 0) ??
    [];
  const hidden = [
    ...new Set(
      ledger.data?.rows.flatMap((row) => row.hidden.map((why) => `${row.sceneName}, ${row.canvasName}: ${why}`)) ?? [],
    ),
  ];
  return (
    <div className="p-4">
      <div className="mb-3 flex items-center gap-3">
        <h1>Publish</h1>
        <TakeBack earlier={ledger.data?.earlier ?? 0} />
        <div className="ml-auto flex items-center gap-2" role="group" aria-label="Canvas">
          {ledger.data?.sheets.map((sheet) => (
            <button
              key={sheet.canvas.id}
              className={`btn ${sheet === shown ? "border-kelp bg-kelp-soft" : ""}`}
              aria-pressed={sheet === shown}
              onClick={() => setCanvas(sheet.canvas.id)}
            >
              {sheet.canvas.name} {sheet.canvas.size.width} × {sheet.canvas.size.height}
            </button>
          ))}
          <label className="flex items-center gap-1.5">
            <input type="checkbox" className="accent-kelp" checked={all} onChange={(e) => setAll(e.target.checked)} />
            All parts
          </label>
        </div>
      </div>
      <Trouble query={ledger} />
      {onAir > 0 && (
        <HeardIn
          sources={ledger.data?.rows
            .filter((row) => row.advice.sound && row.state !== "WITHDRAWN")
            .map((row) => ({
              id: row.outlet,
              name: `${row.sceneName}, ${row.canvasName}, ${PART_NAMES[row.part]}`,
            }))}
        />
      )}
      {onAir === 0 && (
        <p className="mb-3 border border-dashed border-rule p-4">
          Nothing is on air yet.{" "}
          {may ? (
            <>
              Then every source has a link that stays the same through all later edits.{" "}
              {air.hindrance ? (
                <Link className="btn" to={`/themes/${id}/sheet`}>
                  Add the first scene
                </Link>
              ) : (
                <button className="btn btn-live" disabled={air.busy} onClick={air.put}>
                  Put it on air
                </button>
              )}
            </>
          ) : (
            "Operators, designers and owners put it on air."
          )}
        </p>
      )}
      {hidden.length > 0 && (
        <section
          className="mb-3 border-l-4 border-ochre bg-ochre-soft px-3 py-2"
          aria-label="Pieces that viewers do not see"
        >
          {hidden.map((why) => (
            <p key={why}>{why}</p>
          ))}
        </section>
      )}
      {wrong.length > 0 && (
        <section
          className="mb-3 border-l-4 border-ochre bg-ochre-soft px-3 py-2"
          aria-label="Sources that need attention"
        >
          {wrong.map((row) => (
            <p key={row.outlet}>
              <b>
                {row.sceneName}, {PART_NAMES[row.part]}, {row.canvasName}:
              </b>{" "}
              {row.state === "WRONG_SIZE" || row.state === "BEHIND"
                ? row.sentence
                : "An old link of this source was opened. Replace it with the present one."}
            </p>
          ))}
        </section>
      )}
      {rows.length > 0 && (
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
            {rows.map((row, i) => (
              <LedgerRow key={row.outlet} row={row} first={rows[i - 1]?.scene !== row.scene} />
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}

function LedgerRow({ row, first }: { row: Row; first: boolean }) {
  const { behaviours } = useChoices();
  const { id } = useTheme();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [qr, setQr] = useState(false);
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
    mutationFn: (draft: boolean) =>
      answer(api.PUT("/api/outlets/{id}/follows", { params: { path: { id: row.outlet } }, body: { draft } })),
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
        {PART_NAMES[row.part]}
        {row.recommended && (
          <span className="ml-1 text-kelp" title="The source sheet uses this one">
            ✓
          </span>
        )}
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
                        `Withdraw the link of ${row.sceneName}, ${PART_NAMES[row.part]}, ${row.canvasName}? ${opened(row.open)} It shows nothing from then on, until the source gets a new link.`,
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
        {qr && (
          <div className="mt-1 inline-block bg-white p-2">
            <QRCodeSVG value={row.link} size={132} />
          </div>
        )}
        <May>
          <label className="mt-0.5 flex items-center gap-1 text-faint">
            <input
              type="checkbox"
              className="accent-kelp"
              checked={row.followsDraft}
              onChange={(e) => follow.mutate(e.target.checked)}
            />
            follow the draft
          </label>
        </May>
      </td>
      <td className="whitespace-nowrap py-1.5 pr-2">
        {row.width} × {row.height}
        <br />
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
      <td className={`py-1.5 ${colour}`}>{row.sentence}</td>
    </tr>
  );
}

function opened(times: number): string {
  if (times === 0) return "It is open nowhere now.";
  return `It is open ${times === 1 ? "in one place" : `in ${String(times)} places`} now.`;
}

/** @param earlier what was on air before the present release; 0 when there is none */
function TakeBack({ earlier }: { earlier: number }) {
  const may = useMay("OPERATOR");
  const { id } = useTheme();
  const queries = useQueryClient();
  const back = useMutation({
    mutationFn: () => answer(api.POST("/api/themes/{id}/on-air/back", { params: { path: { id } } })),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["theme", id] });
      void queries.invalidateQueries({ queryKey: ["ledger", id] });
    },
    onError: sayProblem,
  });
  if (earlier === 0 || !may) return null;
  return (
    <button className="btn" disabled={back.isPending} onClick={() => back.mutate()}>
      Back to release {earlier}
    </button>
  );
}
