package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** Entries that stand one after another. */
abstract class TurnTaking extends Kind {

    private static final double MINUTE = 60;

    /** @param seconds how long an entry stands that says nothing else */
    TurnTaking(String title, Content.Entries standard, int seconds) {
        super(
                title,
                Group.WIDGETS,
                Zone.STRIP,
                List.of(Field.entries("rows", "Entries", standard)),
                Figure.with(
                        Figure.WORDS,
                        new Figure("seconds", "Seconds each", 1, 120, seconds, List.of()),
                        Figure.PAUSE,
                        Figure.MOVING));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return turns(piece).map(Ask.class::cast);
    }

    @Override
    public Optional<Ask.Rotator> turns(Showing piece) {
        return Optional.of(new Ask.Rotator(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.entries("rows", piece.figure("seconds")),
                piece.figure("pause") * MINUTE,
                piece.moving(),
                piece.run()));
    }

    @Override
    public Optional<String> added() {
        return Optional.of("rows");
    }

    @Override
    public Rank rank() {
        return Rank.EXTRA;
    }
}
