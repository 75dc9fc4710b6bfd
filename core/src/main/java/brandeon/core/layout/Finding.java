package brandeon.core.layout;

import brandeon.core.theme.Edit;
import java.util.Optional;

/**
 * One result of preflight.
 *
 * @param scene    empty when it is about the theme as a whole
 * @param measured what was found, in canvas pixels; for provenance, how many say too little
 * @param limit    what is allowed, in canvas pixels
 * @param sentence what is wrong and why it matters, for the user
 * @param fix      an edit that removes the finding
 */
public record Finding(Kind kind, String scene, String canvas, String piece, double measured, double limit, String sentence, Optional<Edit> fix) {

    public enum Kind { OUTSIDE_CANVAS, OUTSIDE_SAFE_AREA, OVER_OPENING, TEXT_TOO_SMALL, PROVENANCE }
}
