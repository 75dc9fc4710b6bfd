package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import java.util.List;
import java.util.Optional;

/** What stands over everything while a break is on: words, and the time until it goes on. */
final class BreakScreen extends Kind {

    private static final long STANDS = 5 * 60_000;

    BreakScreen() {
        super(
                "Break screen",
                Group.SCREENS,
                Zone.FULL,
                List.of(
                        Field.words("title", "Title", "Short break"),
                        Field.words("line", "Line under it", ""),
                        Field.words("label", "Over the time", "Back in"),
                        Field.words("over", "Over the time past zero", "A little longer than planned")),
                List.of(Figure.MOVING, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        long length = piece.run().length() > 0 ? piece.run().length() : STANDS;
        return Optional.of(new Ask.Break(
                new Ask.Screen(
                        piece.canvas(),
                        piece.box(),
                        piece.tune(),
                        piece.words("title"),
                        piece.words("line"),
                        piece.moving()),
                piece.words("label"),
                piece.words("over"),
                ClockFace.down(piece.run().instant(), length)));
    }

    @Override
    public boolean ground() {
        return true;
    }

    @Override
    public boolean breaks() {
        return true;
    }
}
