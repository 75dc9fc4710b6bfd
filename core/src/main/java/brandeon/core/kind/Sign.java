package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A small mark without words, over whatever lies below. */
abstract class Sign extends Kind {

    private final Ask.Shape shape;

    Sign(String title, Zone zone, Ask.Shape shape, Figure figure) {
        super(title, Group.ORNAMENTS, zone, List.of(), List.of(figure));
        this.shape = shape;
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Ornament(piece.canvas(), piece.box(), piece.tune(), shape, moving(piece)));
    }

    boolean moving(Showing piece) {
        return false;
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
