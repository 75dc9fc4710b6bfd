package brandeon.core.art;

import java.util.Locale;

/**
 * How a family sets its words.
 *
 * @param capitals whether labels are set in capitals
 * @param label    size of a label, in units; never below what a phone can show
 * @param value    size of the fact beside it, in units
 * @param title    size of a screen's title, in units
 */
public record Lettering(boolean capitals, double label, double value, double title) {

    /** Smallest text any family paints, in units; see the finding for small text. */
    public static final double LEAST = 24;

    public String labelText(String text) {
        return capitals ? text.toUpperCase(Locale.ROOT) : text;
    }
}
