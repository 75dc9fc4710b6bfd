import { Link } from "react-router";
import { ArrowDown, ArrowUp, Eye, EyeOff, Lock, LockOpen, X } from "lucide-react";
import { Fragment, memo } from "react";
import type { Layout, Scene } from "../api/client";
import { useEdit, useTheme } from "../theme/useTheme";
import { Arrival } from "./Arrival";
import { focusStage } from "./selection";
import { May } from "../theme/May";

interface Props {
  scene: Scene;
  layout: Layout;
  selected: string[];
  select: (pieces: string[]) => void;
}

/** Kinds of findings that mean that the order cannot work as separate sources. */
const ORDER = ["HIDDEN_BY_CAPTURE", "COVERS_OTHERS", "ALERT_NOT_ON_TOP"];

/** The order from front to back, with the captures as its dividing line. */
export function Stack({ scene, layout, selected, select }: Props) {
  const { theme, id } = useTheme();
  const captures = layout.openings.map((o) => o.captureName).join(", ");
  const shown = layout.pieces.map((piece) => piece.id);
  const firstInFront = shown[layout.behind];
  const warned = layout.findings.filter((finding) => ORDER.includes(finding.kind));
  const over =
    scene.role === "ALWAYS" ? [] : theme.scenes.filter((one) => one.role === "ALWAYS" && one.stack.length > 0);
  const front = [...scene.stack].reverse();
  return (
    <section aria-label="Stack, front to back">
      <Arrival scene={scene} />
      {warned.map((finding) => (
        <p key={`${finding.kind} ${finding.piece}`} className="mb-1 text-ochre">
          {finding.sentence}
        </p>
      ))}
      {front.length === 0 && (
        <p className="text-faint">
          Nothing stands on this scene yet.{" "}
          <Link className="btn" to={`/themes/${id}/pieces`}>
            Choose pieces
          </Link>
        </p>
      )}
      {over.map((above) => (
        <p key={above.id} className="border-b border-dashed border-rule pb-0.5 pl-3 text-faint">
          {above.stack.map((placed) => theme.pieces.find((p) => p.id === placed.piece)?.name).join(", ")}:{" "}
          <Link className="underline" to={`/themes/${id}/stage/${above.id}/${layout.canvas}`}>
            {above.name}
          </Link>
        </p>
      ))}
      <ol>
        {front.map((placed, i) => {
          const index = scene.stack.length - 1 - i;
          const name = theme.pieces.find((p) => p.id === placed.piece)?.name ?? "";
          const hidden = placed.hidden.includes(layout.shape);
          return (
            <Fragment key={placed.piece}>
              <Row
                scene={scene.id}
                piece={placed.piece}
                name={name}
                index={index}
                locked={placed.locked}
                hidden={hidden}
                shape={layout.shape}
                selected={selected}
                select={select}
              />
              {captures !== "" && placed.piece === firstInFront && (
                <li className="my-1 border-y border-dashed border-ink px-2 text-[12px]">captures: {captures}</li>
              )}
            </Fragment>
          );
        })}
      </ol>
    </section>
  );
}

interface RowProps {
  scene: string;
  piece: string;
  name: string;
  index: number;
  locked: boolean;
  hidden: boolean;
  shape: Layout["shape"];
  selected: string[];
  select: (pieces: string[]) => void;
}

const Row = memo(function Row(props: RowProps) {
  const { scene, piece, name, index, locked, hidden, shape, selected, select } = props;
  const edit = useEdit();
  return (
    <li
      className={`group flex items-center border-l-4 pl-2 ${selected.includes(piece) ? "border-kelp bg-kelp-soft" : "border-transparent"}`}
    >
      <button
        className={`min-w-0 flex-1 truncate py-0.5 text-left ${hidden ? "text-faint line-through" : ""}`}
        onClick={(event) => {
          select(event.shiftKey ? [...selected.filter((p) => p !== piece), piece] : [piece]);
          focusStage();
        }}
      >
        {name}
      </button>
      <May>
        <button
          className="grid size-6 shrink-0 place-items-center text-faint"
          aria-label={`${locked ? "Unlock" : "Lock"} ${name}`}
          onClick={() => void edit({ edit: "setLocked", scene, piece, locked: !locked })}
        >
          {locked ? <Lock size={13} className="text-ink" /> : <LockOpen size={13} />}
        </button>
        <button
          className="grid size-6 shrink-0 place-items-center text-faint"
          aria-label={`${hidden ? "Show" : "Hide"} ${name} on this shape`}
          onClick={() =>
            void edit({
              edit: "setHidden",
              scene,
              piece,
              shape,
              hidden: !hidden,
            })
          }
        >
          {hidden ? <EyeOff size={13} className="text-ink" /> : <Eye size={13} />}
        </button>
        <button
          className="grid size-6 shrink-0 place-items-center text-faint"
          aria-label={`${name} forward`}
          onClick={() => void edit({ edit: "reorder", scene, piece, index: index + 1 })}
        >
          <ArrowUp size={13} />
        </button>
        <button
          className="grid size-6 shrink-0 place-items-center text-faint"
          aria-label={`${name} backward`}
          onClick={() =>
            void edit({
              edit: "reorder",
              scene,
              piece,
              index: Math.max(0, index - 1),
            })
          }
        >
          <ArrowDown size={13} />
        </button>
        <button
          className="grid size-6 shrink-0 place-items-center text-faint"
          aria-label={`Take ${name} off this scene`}
          onClick={() => void edit({ edit: "takeOff", scene, piece: piece })}
        >
          <X size={13} />
        </button>
      </May>
    </li>
  );
});
