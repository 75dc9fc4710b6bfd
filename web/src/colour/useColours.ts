import { useTheme, useEdit } from "../theme/useTheme";
import type { Edit, Schemas } from "../api/client";

export type RoleName = Schemas["RoleColour"]["role"];

/** The seeds and pins in force, and their changes: those of the mood that is worn, else the brand's own. */
export function useColours() {
  const { brand } = useTheme().theme;
  const edit = useEdit();
  const mood = brand.moods.find((m) => m.id === brand.mood);
  const { seeds, pins } = mood ?? brand;
  const inMood = (changed: Partial<Schemas["Mood"]>): Edit | null =>
    mood ? { edit: "setMood", mood: { ...mood, ...changed } } : null;
  const without = (role: RoleName) =>
    Object.fromEntries(Object.entries(pins).filter(([name]) => name !== role)) as Record<string, string>;
  return {
    seeds,
    pins,
    setSeed: (index: number, colour: string, gesture: string) =>
      edit(
        inMood({ seeds: seeds.map((old, i) => (i === index ? colour : old)) }) ?? { edit: "setSeed", index, colour },
        gesture,
      ),
    setSeeds: (list: string[]) => edit(inMood({ seeds: list }) ?? { edit: "setSeeds", seeds: list }),
    addSeed: (colour: string) =>
      edit(inMood({ seeds: [...seeds, colour] }) ?? { edit: "addSeed", index: seeds.length, colour }),
    removeSeed: (index: number) =>
      edit(inMood({ seeds: seeds.filter((_, i) => i !== index) }) ?? { edit: "removeSeed", index }),
    setPin: (role: RoleName, colour: string, gesture: string) =>
      edit(inMood({ pins: { ...pins, [role]: colour } }) ?? { edit: "setPin", role, colour }, gesture),
    dropPin: (role: RoleName) => edit(inMood({ pins: without(role) }) ?? { edit: "dropPin", role }),
  };
}
