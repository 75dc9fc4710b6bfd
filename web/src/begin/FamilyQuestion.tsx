import type { ThemeView } from "../api/client";
import { FamilyCard } from "../theme/FamilyChooser";
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
      {catalogue.data?.families.map((family) => (
        <li key={family.id}>
          <FamilyCard
            family={family}
            theme={props.theme.id}
            look={look}
            chosen={family.id === props.answers.family}
            choose={() => props.change({ family: family.id })}
          />
          <p className="mt-1 text-faint">{family.description}</p>
        </li>
      ))}
    </ul>
  );
}
