package brandeon.core.preflight;

import brandeon.core.theme.Edit;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import java.util.Locale;
import java.util.Optional;

/**
 * A change that removes a finding and makes no new one of the same or a greater weight.
 *
 * @param does what it does, for the user, e.g. "Move it 12 px to the left"
 */
public record Fix(String does, Edit edit) {

    private static final String MOVING = "moving";

    /** A piece that moves stands still; empty for one that does not move, or cannot be told to stand still. */
    public static Optional<Fix> still(Piece piece) {
        return piece.kind().figure(MOVING).isPresent() && piece.figure(MOVING) >= 0.5
                ? Optional.of(new Fix(
                        String.format(Locale.ROOT, "Set %s still", piece.name()),
                        new PieceEdit.SetFigure(piece.id(), MOVING, 0)))
                : Optional.empty();
    }
}
