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
        OUTSIDE_CANVAS(Weight.BROKEN, FixIdeas.each(FixIdeas::move, FixIdeas::backToPlan)),
        HIDDEN_BY_CAPTURE(Weight.BROKEN, FixIdeas.each(FixIdeas::beforeTheCaptures, FixIdeas::move)),
        COVERS_OTHERS(Weight.BROKEN, FixIdeas.each(FixIdeas::toTheBack)),
        FACE_COVERED(Weight.BROKEN, FixIdeas.each(FixIdeas::move, FixIdeas::backToPlan)),
        FACE_CUT(Weight.BROKEN, FixIdeas.each(FixIdeas::aspect, FixIdeas::backToPlan)),
        NO_CAPTURE(Weight.BROKEN, FixIdeas.each(FixIdeas::bound)),
        FLASHES(Weight.BROKEN, FixIdeas::still),
        OVER_OPENING(Weight.POOR, FixIdeas.each(FixIdeas::move, FixIdeas::backToPlan)),
        OVER_WORDS(Weight.POOR, FixIdeas.each(FixIdeas::move, FixIdeas::backToPlan, FixIdeas::moveOther)),
        OUTSIDE_SAFE_AREA(Weight.POOR, FixIdeas.each(FixIdeas::move, FixIdeas::backToPlan)),
        KEEP_CLEAR(Weight.POOR, FixIdeas.each(FixIdeas::move, FixIdeas::backToPlan)),
        TEXT_TOO_SMALL(Weight.POOR, FixIdeas.each(FixIdeas::larger, FixIdeas::backToPlan)),
        CONTRAST(Weight.POOR, FixIdeas.each(FixIdeas::darker, FixIdeas::backToPlan)),
        FAINT(Weight.POOR, FixIdeas.each(PlaceChecks::laidWhole)),
        ALERT_NOT_ON_TOP(Weight.POOR, FixIdeas.each(FixIdeas::toTheFront)),
        MISSING(Weight.POOR, FixIdeas::shown),
        STANDS_TWICE(Weight.POOR, ThemeChecks::once),
        COLOURS_ALIKE(Weight.POOR, Remedy.NONE),
        STARTING_WORDS(Weight.POOR, Remedy.NONE),
        OTHER_PERIOD(Weight.POOR, PeriodChecks::asLabelled),
        CAPTURE_ENLARGED(Weight.NOTE, FixIdeas.each(FixIdeas::smaller)),
        CAPTURE_CROPPED(Weight.NOTE, FixIdeas.each(FixIdeas::aspect, FixIdeas::backToPlan)),
        TWO_MOVING_GROUNDS(Weight.NOTE, FixIdeas.each(FixIdeas::still, FixIdeas::otherStill)),
        LOAD(Weight.NOTE, FixIdeas.each(FixIdeas::still)),
        UNANNOUNCED(Weight.NOTE, SignalChecks::announced),
        LOUDER(Weight.NOTE, Remedy.NONE),
        HELD_BY_PEAKS(Weight.NOTE, Remedy.NONE),
        PROVENANCE(Weight.NOTE, Remedy.NONE);

        private final Weight weight;
        private final Remedy remedy;

        Kind(Weight weight, Remedy remedy) {
            this.weight = weight;
            this.remedy = remedy;
        }

        public Weight weight() {
            return weight;
        }

        Remedy remedy() {
            return remedy;
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
