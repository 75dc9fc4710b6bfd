import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useQuery } from "@tanstack/react-query";
import { Shapes } from "lucide-react";
import { useState } from "react";
import { answer, api, type Canvas, type Edit, type Scene } from "../api/client";
import { useEdit, useLayouts, useTheme } from "../theme/useTheme";
import { ScenePicture } from "../app/ScenePicture";
import { useSettled } from "../app/useSettled";
import { useMay } from "../theme/May";

/** Offers a real rearrangement for this shape of canvas where the scene does not stand well; taken or left after looking. */
export function Proposal({ scene, canvas }: { scene: Scene; canvas: Canvas }) {
  const { theme, id, version } = useTheme();
  const settled = useSettled(version, 400);
  const [open, setOpen] = useState(false);
  const may = useMay();
  const layouts = useLayouts(scene.id);
  const aspect = (of: Canvas) => of.size.width / of.size.height;
  const wrong = (of: Canvas) =>
    layouts.data?.find((layout) => layout.canvas === of.id)?.findings.filter((finding) => finding.weight !== "NOTE")
      .length ?? 0;
  // It follows the canvas on which the scene stands best; without another one it follows itself.
  const from =
    layouts.data &&
    ([...theme.canvases]
      .filter((other) => Math.abs(aspect(other) / aspect(canvas) - 1) > 0.005)
      .sort((one, other) => wrong(one) - wrong(other))[0] ??
      canvas);
  const edit = useEdit();
  const proposal = useQuery({
    queryKey: ["proposal", id, scene.id, canvas.id, from?.id, settled],
    queryFn: () =>
      answer(
        api.GET("/api/themes/{id}/scenes/{scene}/canvases/{canvas}/proposal", {
          params: { path: { id, scene: scene.id, canvas: canvas.id }, query: { from: from?.id ?? "" } },
        }),
      ),
    enabled: may && from !== undefined,
    placeholderData: (old) => old,
  });
  if (!may || !from || !proposal.data?.changes) return null;
  const { data } = proposal;
  const picture = `/api/themes/${id}/scenes/${scene.id}/canvases/${canvas.id}/proposal.png?${new URLSearchParams({ from: from.id, width: "480", v: String(proposal.dataUpdatedAt) }).toString()}`;
  const take = () =>
    void edit(data.edit as Edit).then((taken) => {
      if (taken) setOpen(false);
    });
  return (
    <>
      <button
        className="btn shrink-0 border-ochre text-ochre"
        aria-label="Rearrange for this shape"
        title="Rearrange for this shape"
        onClick={() => setOpen(true)}
      >
        <Shapes size={14} />
        Rearrange
      </button>
      {open && (
        <Dialog open onClose={() => setOpen(false)} className="relative z-30">
          <div className="fixed inset-0 flex items-start justify-center overflow-auto bg-ink/30 p-10">
            <DialogPanel className="w-[720px] border border-rule bg-sheet p-4">
              <DialogTitle as="h2">
                {scene.name} on {canvas.name}, following {data.from}
              </DialogTitle>
              <p className="mb-3 text-faint">
                {list(data.troubled)} {data.troubled.length === 1 ? "does" : "do"} not stand well here now. What you
                placed by hand on this shape stays where it stands well.
              </p>
              <div className="grid grid-cols-2 gap-4">
                <figure>
                  <figcaption className="mb-1">Now</figcaption>
                  <div
                    className="weave mx-auto max-h-96"
                    style={{
                      aspectRatio: `${String(canvas.size.width)} / ${String(canvas.size.height)}`,
                      maxWidth: "100%",
                    }}
                  >
                    <ScenePicture
                      theme={id}
                      scene={scene.id}
                      canvas={canvas.id}
                      width={canvas.size.width}
                      height={canvas.size.height}
                    />
                  </div>
                </figure>
                <figure>
                  <figcaption className="mb-1">Proposed</figcaption>
                  <div
                    className="weave mx-auto max-h-96"
                    style={{
                      aspectRatio: `${String(canvas.size.width)} / ${String(canvas.size.height)}`,
                      maxWidth: "100%",
                    }}
                  >
                    <img src={picture} alt={`${scene.name} rearranged`} className="size-full" />
                  </div>
                </figure>
              </div>
              {data.leftOut.length > 0 && (
                <p className="mt-3 text-ochre">
                  There is no room for {list(data.leftOut)}; hidden on this shape. Mark a piece as “must show” to keep
                  it.
                </p>
              )}
              <div className="mt-4 flex gap-2">
                <button className="btn btn-main" onClick={take}>
                  Take this arrangement
                </button>
                <button className="btn" onClick={() => setOpen(false)}>
                  Leave it
                </button>
              </div>
            </DialogPanel>
          </div>
        </Dialog>
      )}
    </>
  );
}

function list(names: string[]): string {
  return names.length < 2 ? (names[0] ?? "") : `${names.slice(0, -1).join(", ")} and ${names.at(-1) ?? ""}`;
}
