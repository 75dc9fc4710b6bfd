package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.Optional;

/** Something that is aimed at, with a bar. */
final class Goal extends Kind {

    Goal() {
        super(
                "Goal bar",
                Group.WIDGETS,
                Zone.STRIP,
                Aim.FIELDS,
                Figure.with(Figure.WORDS, Figure.TARGET, Figure.START, Figure.STEP));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        Aim aim = Aim.of(piece);
        return Optional.of(new Ask.Goal(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                Aim.label(piece),
                aim.value() + " / " + aim.target(),
                aim.share()));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }
}
