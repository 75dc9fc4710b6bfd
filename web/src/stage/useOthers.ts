import { useEffect, useState } from "react";
import { live, type Person } from "../api/live";
import { useThemeId } from "../theme/useTheme";
import { chosenNow } from "./selection";

/** Tells the others on this theme where one is, and hears where they are. */
export function useOthers(scene: string, canvas: string, selected: string[]): Person[] {
  const theme = useThemeId();
  const [people, setPeople] = useState<Person[]>([]);
  const chosen = selected.join(",");
  useEffect(() => live.onPeople(setPeople), []);
  // What is drawn may be behind the last choice, which was told already.
  useEffect(() => live.at({ theme, scene, canvas, selected: chosenNow() }), [theme, scene, canvas, chosen]);
  useEffect(() => () => live.at(null), []);
  return people;
}
