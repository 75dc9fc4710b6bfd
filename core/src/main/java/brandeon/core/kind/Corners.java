package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** Four marks at the corners of the play. */
final class Corners extends Kind {

    Corners() {
        super("Corner marks", Group.ORNAMENTS, Zone.PLAY, List.of(), List.of(Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Ornament(piece.canvas(), piece.box(), piece.tune(), Ask.Shape.CORNERS, false));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public boolean sparse() {
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
