package brandeon.core.layout;

import brandeon.core.art.Tune;
import brandeon.core.theme.Piece;

/** What a person set for a piece, as families read it. */
final class Tunes {

    private Tunes() {}

    static Tune of(Piece piece) {
        Tune.Align align = Tune.Align.values()[(int) Math.round(figure(piece, "align", 0))];
        Tune tune = new Tune(
                figure(piece, "size", 1),
                figure(piece, "border", 1),
                figure(piece, "ornament", 1),
                align,
                figure(piece, "corner", 1),
                figure(piece, "darkness", 1),
                figure(piece, "turn", 0),
                figure(piece, "spacing", 1),
                Tune.Separator.values()[(int) Math.round(figure(piece, "separator", 0))],
                figure(piece, "glow", 0),
                figure(piece, "shade", 0));
        return figure(piece, "turned", 0) >= 0.5 ? tune.aligned(Tune.Align.RIGHT) : tune;
    }

    private static double figure(Piece piece, String name, double otherwise) {
        return piece.kind().figure(name).isPresent() ? piece.figure(name) : otherwise;
    }
}
