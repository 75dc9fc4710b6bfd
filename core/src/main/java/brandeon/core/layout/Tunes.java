package brandeon.core.layout;

import brandeon.core.art.Tune;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceKind;

/** What a person set for a piece, as families read it. */
final class Tunes {

    private Tunes() {
    }

    static Tune of(Piece piece) {
        Tune.Align align = Tune.Align.values()[(int) Math.round(figure(piece, "align", 0))];
        return new Tune(figure(piece, "size", 1), figure(piece, "border", 1), figure(piece, "ornament", 1), align);
    }

    private static double figure(Piece piece, String name, double otherwise) {
        return piece.kind().figures().stream().map(PieceKind.Figure::name).anyMatch(name::equals) ? piece.figure(name) : otherwise;
    }
}
