package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A line that parts. */
final class Rule extends Kind {

    Rule() {
        super("Line", Group.ORNAMENTS, Zone.LOW_STRIP, List.of(), List.of(Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Ornament(piece.canvas(), piece.box(), piece.tune(), Ask.Shape.LINE, false));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Laid laid() {
        return Laid.NONE;
    }

    @Override
    public Rank rank() {
        return Rank.ORNAMENT;
    }
}
