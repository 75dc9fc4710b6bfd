import type { ThemeView } from "../api/client";
import { Sample } from "../theme/Sample";
import { useCatalogue, useLookOf } from "../theme/useTheme";
import type { Answers } from "./useBeginning";

/** All families in these colours. */
export function FamilyQuestion(props: {
  theme: ThemeView;
  answers: Answers;
  change: (part: Partial<Answers>) => void;
}) {
  const catalogue = useCatalogue();
  const look = useLookOf(props.theme.theme);
  return (
    <ul className="grid grid-cols-2 gap-3">
      {catalogue.data?.families.map((family) => {
        const chosen = family.id === props.answers.family;
        return (
          <li key={family.id}>
            <button
              type="button"
              className={`block w-full border bg-sheet text-left ${chosen ? "border-kelp outline-2 outline-kelp" : "border-rule hover:border-ink"}`}
              aria-pressed={chosen}
              onClick={() => props.change({ family: family.id })}
            >
              <span className="weave relative block aspect-video">
                <Sample
                  theme={props.theme.id}
                  kind="SCREEN"
                  family={family.id}
                  look={look}
                  title={`${family.title}: a screen`}
                  over={false}
                />
              </span>
              <span className="block px-2 py-1">
                <b className="font-head">{family.title}</b>
                <span className="block text-faint">{family.description}</span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
