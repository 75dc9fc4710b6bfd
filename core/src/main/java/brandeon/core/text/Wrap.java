package brandeon.core.text;

import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;

/** Text over several lines, broken where the Unicode line breaking algorithm (UAX 14, by ICU) allows it. */
public final class Wrap {

    /** Two lines must win this much size over one to be worth it. */
    private static final double WORTH = 1.15;

    private Wrap() {}

    /**
     * As much as fits on each line in turn. What does not fit on the last one, or a word too long for any, is
     * shortened.
     *
     * @param px   size in pixels
     * @param room width of each line, in pixels
     * @param most lines
     */
    public static List<String> lines(Face face, double px, String text, double room, int most) {
        List<String> lines = new ArrayList<>();
        BreakIterator breaks = BreakIterator.getLineInstance();
        breaks.setText(text);
        int start = 0;
        while (start < text.length() && lines.size() < most - 1) {
            int end = start;
            for (int next = breaks.following(start); next != BreakIterator.DONE; next = breaks.next()) {
                if (Measure.width(face, px, text.substring(start, next).stripTrailing()) > room) {
                    break;
                }
                end = next;
                if (next == text.length()) {
                    break;
                }
            }
            if (end == start) {
                break;
            }
            lines.add(text.substring(start, end).strip());
            start = end;
        }
        if (start < text.length()) {
            lines.add(
                    Fit.line(face, text.substring(start).strip(), px, px, room).text());
        }
        return lines;
    }

    /**
     * One line where it fits well, else two of nearly the same length where that lets the letters be larger.
     *
     * @param wanted size in pixels when there is room
     * @param least  the smallest size allowed, in pixels
     * @param room   width of each line, in pixels
     * @param height for all lines, in pixels
     * @param step   from baseline to baseline, in sizes
     * @return one or two fitted lines of one size
     */
    public static List<Fit> balanced(
            Face face, String text, double wanted, double least, double room, double height, double step) {
        Fit one = Fit.line(face, text, wanted, least, room);
        if (one.px() == wanted && !one.shortened()) {
            return List.of(one);
        }
        int middle = middle(face, text);
        if (middle <= 0) {
            return List.of(one);
        }
        String first = text.substring(0, middle).strip();
        String second = text.substring(middle).strip();
        double widest = Math.max(Measure.width(face, 1, first), Measure.width(face, 1, second));
        double size = Math.min(Math.min(wanted, room / widest), height / (step + 1));
        if (size < least || size < one.px() * WORTH && !one.shortened()) {
            return List.of(one);
        }
        return List.of(Fit.line(face, first, size, size, room + 0.01), Fit.line(face, second, size, size, room + 0.01));
    }

    /** The break that leaves the two parts most alike in length; 0 where there is none. */
    private static int middle(Face face, String text) {
        BreakIterator breaks = BreakIterator.getLineInstance();
        breaks.setText(text);
        int best = 0;
        double least = Double.MAX_VALUE;
        for (int at = breaks.next(); at != BreakIterator.DONE && at < text.length(); at = breaks.next()) {
            double apart = Math.abs(Measure.width(face, 1, text.substring(0, at).strip())
                    - Measure.width(face, 1, text.substring(at).strip()));
            if (apart < least) {
                least = apart;
                best = at;
            }
        }
        return best;
    }
}
