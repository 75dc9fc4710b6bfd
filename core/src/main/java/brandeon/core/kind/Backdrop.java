package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** The ground behind everything. */
final class Backdrop extends Kind {

    Backdrop() {
        super("Backdrop", Group.SCREENS, Zone.FULL, List.of(), List.of(Figure.MOVING, Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Backdrop(piece.canvas(), piece.box(), piece.tune(), piece.moving()));
    }

    @Override
    public boolean ground() {
        return true;
    }
}
