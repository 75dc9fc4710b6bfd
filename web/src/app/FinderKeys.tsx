import { useEffect, useState } from "react";
import type { Keys } from "../theme/screens";
import { Glossary } from "../glossary/Glossary";
import { Finder, type Findable } from "./Finder";
import { Shortcuts } from "./Shortcuts";
import { isTyping } from "./typing";

/**
 * The finder and the list of shortcuts, with the keys that open them.
 *
 * @param all  what can be found; asked for when somebody looks
 * @param own  shortcuts of the screen that is open
 * @param also takes other keys; whether it took this one
 * @param sought hears when somebody begins to look
 */
export function FinderKeys(props: {
  all: () => Findable[];
  own: Keys;
  also?: (event: KeyboardEvent, typing: boolean) => boolean;
  sought?: () => void;
}) {
  const { all, own, also, sought } = props;
  const [shown, setShown] = useState<"" | "shortcuts" | "finder" | "glossary">("");
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = isTyping(event);
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
        sought?.();
        setShown("finder");
      } else if (event.key === "?" && !typing) setShown("shortcuts");
      else if (!also?.(event, typing)) return;
      event.preventDefault();
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [also, sought]);
  const close = () => setShown("");
  const explain = () => setShown("glossary");
  const everywhere: Findable[] = [
    { name: "Shortcuts", sort: "action", go: () => setShown("shortcuts") },
    { name: "Glossary", sort: "action", go: explain },
  ];
  return (
    <>
      {shown === "finder" && <Finder close={close} all={[...all(), ...everywhere]} />}
      {shown === "shortcuts" && <Shortcuts close={close} own={own} explain={explain} />}
      {shown === "glossary" && <Glossary close={close} />}
    </>
  );
}
