package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A full-canvas screen with a title. */
final class Screen extends Kind {

    Screen() {
        super(
                "Screen",
                Group.SCREENS,
                Zone.FULL,
                List.of(Field.words("title", "Title", "Starting soon"), Field.words("line", "Line under it", "")),
                List.of(Figure.MOVING, Figure.SIZE, Figure.ALIGN, Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Screen(
                piece.canvas(), piece.box(), piece.tune(), piece.words("title"), piece.words("line"), piece.moving()));
    }

    @Override
    public boolean ground() {
        return true;
    }
}
