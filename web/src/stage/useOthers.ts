import { useEffect, useState } from "react";
import { live, type Person } from "../api/live";
import { useThemeId } from "../theme/useTheme";

/** Tells the others on this theme where one is, and hears where they are. */
export function useOthers(scene: string, canvas: string, selected: string[]): Person[] {
  const theme = useThemeId();
  const [people, setPeople] = useState<Person[]>([]);
  const chosen = selected.join(",");
  useEffect(() => live.onPeople(setPeople), []);
  useEffect(() => live.at({ theme, scene, canvas, selected: chosen === "" ? [] : chosen.split(",") }), [theme, scene, canvas, chosen]);
  useEffect(() => () => live.at(null), []);
  return people;
}
