package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A small sign in a corner. */
final class Bug extends Kind {

    Bug() {
        super("Corner bug", Group.ORNAMENTS, Zone.CORNER, List.of(Field.words("name", "Words", "Live")), Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.LowerThird(piece.canvas(), piece.box(), piece.tune(), piece.words("name"), ""));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.EXTRA;
    }
}
