import { ExternalLink } from "lucide-react";
import { useMemo } from "react";
import { useMay } from "../theme/May";
import { useTheme } from "../theme/useTheme";
import { DeskPage } from "./DeskPage";
import { DoorProvider, signedInDoor } from "./door";

/** The desk of a theme's show, within the theme; it has a page of its own as well. */
export function DeskStep() {
  const { show } = useTheme();
  const may = useMay("OPERATOR");
  const door = useMemo(() => signedInDoor(show), [show]);
  if (!may) {
    return (
      <div className="p-4">
        <h2>Desk</h2>
        <p className="text-faint">
          Running the show needs the role of operator. Ask the owner of the workspace, or for a pass.
        </p>
      </div>
    );
  }
  return (
    <>
      <p className="bg-sheet px-3 pt-1 text-right">
        <a className="text-faint underline" href={`/desk/${show}`} target="_blank" rel="noreferrer">
          <ExternalLink size={12} className="mr-1 inline" aria-hidden />
          As a page of its own, for a side panel
        </a>
      </p>
      <DoorProvider value={door}>
        <DeskPage />
      </DoorProvider>
    </>
  );
}
