package brandeon.core.kind;

import brandeon.core.art.Ask;

/** A line that parts. */
final class Rule extends Sign {

    Rule() {
        super("Line", Zone.LOW_STRIP, Ask.Shape.LINE, Figure.ORNAMENT);
    }
}
