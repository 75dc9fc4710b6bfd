import { memo } from "react";
import type { Layout } from "../api/client";
import { CapturePattern } from "../footage/CapturePattern";
import { Footage, type FootageName } from "../footage/Footage";
import { Hatch } from "./Hatch";

/** What lies behind a scene: ink hatching with names, or footage; captures show in their own places. */
export const Backing = memo(function Backing({
  layout,
  footage,
  labels = false,
}: {
  layout: Layout;
  footage: FootageName | "hatch";
  labels?: boolean;
}) {
  if (footage === "hatch") return <Hatch layout={layout} labels={labels} />;
  if (footage === "checker") return null;
  const part = (at: number, of: number) => `${String((at / of) * 100)}%`;
  return (
    <>
      <div className="absolute inset-0 overflow-hidden">
        <Footage name={footage} />
      </div>
      {layout.openings.map((opening) => {
        const { shown } = opening.fit;
        return (
          <div
            key={`${opening.piece} ${String(opening.index)}`}
            className="absolute overflow-hidden"
            style={{
              left: part(shown.x, layout.width),
              top: part(shown.y, layout.height),
              width: part(shown.width, layout.width),
              height: part(shown.height, layout.height),
            }}
          >
            <CapturePattern
              pattern={footage === "dusk" ? (opening.sourceWidth < 1600 ? "camera" : "play") : footage}
              width={480}
              height={270}
            />
          </div>
        );
      })}
    </>
  );
});
