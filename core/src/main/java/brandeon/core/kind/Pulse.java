package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A small light that beats. */
final class Pulse extends Kind {

    Pulse() {
        super("Pulse", Group.ORNAMENTS, Zone.CORNER, List.of(), List.of(Figure.MOVING));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(
                new Ask.Ornament(piece.canvas(), piece.box(), piece.tune(), Ask.Shape.PULSE, piece.moving()));
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
