import { useMutation } from "@tanstack/react-query";
import { exchangeFile, sendFile, type Schemas } from "../api/client";
import { saveBlob } from "../app/saveBlob";
import { sayProblem, useNotices } from "../app/notices";
import { useFileDrop } from "../app/useFileDrop";
import { useTheme } from "../theme/useTheme";

type Report = Schemas["LinkFileView"];

const FATES: Record<Schemas["LinkLine"]["fate"], [string, string]> = {
  REPLACED: ["replaced", "text-kelp"],
  NEW: ["new already", "text-kelp"],
  WITHOUT_COUNTERPART: ["the copy has no such source", "text-ochre"],
  OTHER_THEME: ["of another theme, left", "text-faint"],
  UNKNOWN: ["no link that works here, left", "text-ochre"],
};

/** Whatever file holds the links of somebody's own software: told line by line, and given back with new ones. */
export function LinkFile() {
  const { id } = useTheme();
  const say = useNotices((state) => state.say);
  const address = `/api/themes/${id}/replacement/file`;
  const look = useMutation({
    mutationFn: async (file: File) => ({ file, report: await sendFile<Report>(`${address}/report`, file) }),
    onError: sayProblem,
  });
  const save = useMutation({
    mutationFn: async (file: File) => {
      saveBlob(await exchangeFile(address, file), file.name);
    },
    onSuccess: () => say("The file was saved with the new links; nothing else in it was changed."),
    onError: sayProblem,
  });
  const take = (file: File | undefined) => {
    if (file) look.mutate(file);
  };
  const { over, dropping } = useFileDrop(([first]) => take(first));
  const seen = look.data;
  return (
    <section className="mb-6" aria-labelledby="link-file">
      <h2 id="link-file">Links in a file of your own</h2>
      <p className="mb-2 text-faint">
        Any text file that holds your links, of any software and up to 50 MB. It is read, not kept.
      </p>
      <label
        className={`btn mb-2 inline-flex cursor-pointer focus-within:outline-2 ${over ? "border-kelp bg-kelp-soft" : ""}`}
        {...dropping}
      >
        {look.isPending ? "Reading …" : "Choose a file, or drop it here"}
        <input
          type="file"
          className="sr-only"
          onChange={(event) => {
            take(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </label>
      {seen && (
        <div>
          <p className="mb-1">
            <b>{seen.file.name}</b>: {told(seen.report)}
          </p>
          {seen.report.lines.length > 0 && (
            <div className="mb-2 max-h-72 overflow-auto" role="region" aria-label="Links in the file" tabIndex={0}>
              <table className="w-full border-collapse [&_td]:py-1">
                <thead>
                  <tr className="border-b border-ink text-left font-head">
                    <th className="w-16 py-1">Line</th>
                    <th>Source</th>
                    <th>What becomes of the link</th>
                  </tr>
                </thead>
                <tbody>
                  {seen.report.lines.map((line, at) => (
                    <tr key={at} className="border-b border-rule">
                      <td>{line.line}</td>
                      <td className="pr-2">{line.source || <span className="text-faint">—</span>}</td>
                      <td className={FATES[line.fate][1]}>{FATES[line.fate][0]}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          {seen.report.missing.length > 0 && (
            <p className="mb-2 text-faint">
              Not in this file: {seen.report.missing.slice(0, 12).join("; ")}
              {seen.report.missing.length > 12 && ` and ${String(seen.report.missing.length - 12)} more`}.
            </p>
          )}
          {seen.report.replaced > 0 && (
            <button className="btn btn-main" disabled={save.isPending} onClick={() => save.mutate(seen.file)}>
              Save it with {seen.report.replaced} new {seen.report.replaced === 1 ? "link" : "links"}
            </button>
          )}
        </div>
      )}
    </section>
  );
}

function told(report: Report): string {
  const parts = [
    `${String(report.replaced)} to be replaced`,
    report.already > 0 && `${String(report.already)} new already`,
    report.without > 0 && `${String(report.without)} without a source in the copy`,
    report.other > 0 && `${String(report.other)} of other themes`,
    report.unknown > 0 && `${String(report.unknown)} that work nowhere here`,
  ].filter(Boolean);
  const all = report.replaced + report.already + report.without + report.other + report.unknown;
  return all === 0 ? "no link of ours stands in it." : `${parts.join(", ")}.`;
}
