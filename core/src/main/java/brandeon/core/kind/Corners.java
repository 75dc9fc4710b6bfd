package brandeon.core.kind;

import brandeon.core.art.Ask;

/** Four marks at the corners of the play. */
final class Corners extends Sign {

    Corners() {
        super("Corner marks", Zone.PLAY, Ask.Shape.CORNERS, Figure.ORNAMENT);
    }

    @Override
    public boolean sparse() {
        return true;
    }
}
