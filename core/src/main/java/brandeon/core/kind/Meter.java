package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A bar without words. */
final class Meter extends Ornament {

    Meter() {
        super(
                "Progress bar",
                Zone.LOW_STRIP,
                List.of(Aim.VALUE),
                List.of(Figure.TARGET, Figure.START, Figure.STEP, Figure.GLOW, Figure.SHADE));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Meter(
                piece.canvas(), piece.box(), piece.tune(), Aim.of(piece).share()));
    }
}
