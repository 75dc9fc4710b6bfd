package brandeon.core.preflight;

import brandeon.core.canvas.Box;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Optional;

/**
 * One result of preflight.
 *
 * @param scene    empty when it is about the theme as a whole
 * @param canvas   empty when it is about every canvas
 * @param piece    empty when it is about the scene as a whole
 * @param other    what it has to do with besides: another piece, a region or an area; may be empty
 * @param where    the place on the canvas, in its pixels
 * @param measured what was found, in the unit of the sentence
 * @param limit    what is allowed, in the same unit
 * @param sentence what is wrong and why it matters, for the user
 */
public record Finding(
        Kind kind,
        String scene,
        String canvas,
        String piece,
        String other,
        Optional<Box> where,
        double measured,
        double limit,
        String sentence,
        Optional<Fix> fix) {

    /** How bad it is for the show; the worst comes first. */
    public enum Weight {
        /** Viewers see it go wrong. */
        BROKEN,
        /** Viewers have trouble seeing or reading it. */
        POOR,
        /** Better known than not. */
        NOTE
    }

    public enum Kind {
        OUTSIDE_CANVAS(Weight.BROKEN),
        HIDDEN_BY_CAPTURE(Weight.BROKEN),
        COVERS_OTHERS(Weight.BROKEN),
        FACE_COVERED(Weight.BROKEN),
        FACE_CUT(Weight.BROKEN),
        NO_CAPTURE(Weight.BROKEN),
        FLASHES(Weight.BROKEN),
        OVER_OPENING(Weight.POOR),
        OVER_WORDS(Weight.POOR),
        OUTSIDE_SAFE_AREA(Weight.POOR),
        KEEP_CLEAR(Weight.POOR),
        TEXT_TOO_SMALL(Weight.POOR),
        CONTRAST(Weight.POOR),
        ALERT_NOT_ON_TOP(Weight.POOR),
        MISSING(Weight.POOR),
        COLOURS_ALIKE(Weight.POOR),
        STARTING_WORDS(Weight.POOR),
        CAPTURE_ENLARGED(Weight.NOTE),
        CAPTURE_CROPPED(Weight.NOTE),
        TWO_MOVING_GROUNDS(Weight.NOTE),
        LOAD(Weight.NOTE),
        PROVENANCE(Weight.NOTE);

        private final Weight weight;

        Kind(Weight weight) {
            this.weight = weight;
        }

        public Weight weight() {
            return weight;
        }
    }

    /** The same finding at another time has the same key, whatever was measured. */
    public record Key(Kind kind, String scene, String canvas, String piece, String other) {}

    public Key key() {
        return new Key(kind, scene, canvas, piece, other);
    }

    @JsonProperty
    public Weight weight() {
        return kind.weight();
    }

    public Finding with(Fix proposed) {
        return new Finding(kind, scene, canvas, piece, other, where, measured, limit, sentence, Optional.of(proposed));
    }

    /** About the theme, not about a place. */
    static Finding ofTheme(Kind kind, String canvas, String piece, double measured, double limit, String sentence) {
        return new Finding(kind, "", canvas, piece, "", Optional.empty(), measured, limit, sentence, Optional.empty());
    }
}
