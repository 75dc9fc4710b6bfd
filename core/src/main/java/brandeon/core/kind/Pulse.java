package brandeon.core.kind;

import brandeon.core.art.Ask;

/** A small light that beats. */
final class Pulse extends Sign {

    Pulse() {
        super("Pulse", Zone.CORNER, Ask.Shape.PULSE, Figure.MOVING);
    }

    @Override
    boolean moving(Showing piece) {
        return piece.moving();
    }
}
