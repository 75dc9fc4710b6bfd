package brandeon.core.text;

import com.ibm.icu.text.BreakIterator;

/**
 * A line of text made to fit a width: first shrunk to a least size, then shortened at a grapheme with an ellipsis.
 *
 * @param text      what is painted
 * @param px        the size it is painted at
 * @param width     its advance width at that size; never more than the room, unless not even an ellipsis fits
 * @param shortened whether letters were left out
 * @param exact     false where a character is missing in the face, so that the painter must clamp the width
 */
public record Fit(String text, double px, double width, boolean shortened, boolean exact) {

    private static final String ELLIPSIS = "…";

    /**
     * Fits one line.
     *
     * @param wanted size in pixels when there is room
     * @param least  the smallest size allowed, in pixels, at most {@code wanted}
     * @param room   width available, in pixels
     */
    public static Fit line(Face face, String text, double wanted, double least, double room) {
        boolean exact = Measure.exact(face, text);
        double width = Measure.width(face, wanted, text);
        if (width <= room) {
            return new Fit(text, wanted, width, false, exact);
        }
        double shrunk = wanted * room / width;
        if (shrunk >= least) {
            return new Fit(text, shrunk, Measure.width(face, shrunk, text), false, exact);
        }
        String cut = shortened(face, text, least, room);
        return new Fit(cut, least, Measure.width(face, least, cut), true, exact);
    }

    private static String shortened(Face face, String text, double px, double room) {
        BreakIterator graphemes = BreakIterator.getCharacterInstance();
        graphemes.setText(text);
        int end = graphemes.last();
        while (end > 0) {
            String cut = text.substring(0, end).stripTrailing() + ELLIPSIS;
            if (Measure.width(face, px, cut) <= room) {
                return cut;
            }
            end = graphemes.previous();
        }
        return ELLIPSIS;
    }
}
