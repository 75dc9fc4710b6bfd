package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A ready-made picture by itself. */
final class PictureAlone extends Kind {

    PictureAlone() {
        super("Picture", Group.ORNAMENTS, Zone.STRIP, List.of(), List.of());
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Picture(piece.canvas(), piece.box(), piece.tune(), false));
    }

    @Override
    public Laid laid() {
        return Laid.ALONE;
    }

    @Override
    public Rank rank() {
        return Rank.ORNAMENT;
    }
}
