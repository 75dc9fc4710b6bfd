package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A small mark that an ornament of the family draws. */
abstract class Sign extends Ornament {

    private final Ask.Shape shape;

    Sign(String title, Zone zone, Ask.Shape shape, Figure figure) {
        super(title, zone, List.of(), List.of(figure));
        this.shape = shape;
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Ornament(piece.canvas(), piece.box(), piece.tune(), shape, moving(piece)));
    }

    boolean moving(Showing piece) {
        return false;
    }
}
