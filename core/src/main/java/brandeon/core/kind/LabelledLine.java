package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** A label and a value on one line. */
abstract class LabelledLine extends Kind {

    /** @param value the field that is called “value”: words or a count */
    LabelledLine(String title, Zone zone, Field label, Field value) {
        super(title, Group.WIDGETS, zone, List.of(label, value), Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(
                new Ask.FactLine(piece.canvas(), piece.box(), piece.tune(), piece.words("label"), value(piece)));
    }

    String value(Showing piece) {
        return piece.words("value");
    }
}
