package brandeon.core.art;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Xml;
import brandeon.core.text.Face;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words of a page's first picture as the outlines of their letters, so that they are in its first frame, whether their
 * faces have come or not. Outlines are also painted sooner: setting words takes a browser up to a fifth of the time
 * until then. The words themselves stand before them, hidden, until the page knows that their face has come.
 */
public final class FirstWords {

    /** As {@link SvgWriter} writes it; one that must be squeezed, since its face lacks a letter, is the browser's. */
    private static final Pattern TEXT =
            Pattern.compile("<text (font-family=\"'([^\"]*)'\" font-size=\"([^\"]*)\" x=\"([^\"]*)\" y=\"([^\"]*)\""
                    + " text-anchor=\"(\\w+)\" xml:space=\"preserve\""
                    + "( fill=\"[^\"]*\"(?: fill-opacity=\"[^\"]*\")?))>([^<]*)</text>");

    private static final double HUNDREDTHS = 100;

    private FirstWords() {}

    /**
     * A fragment of {@link SvgWriter#fragment} in which each still line of words is followed by its outlines, a path
     * with {@code data-letters}, and hidden itself. Lines in a face that is not known are left as they are.
     */
    public static String in(String svg) {
        return TEXT.matcher(svg).replaceAll(found -> Matcher.quoteReplacement(first(found)));
    }

    /** Whatever is wrong with one line, viewers see it once its face has come, and all others at once. */
    private static String first(MatchResult text) {
        try {
            return outlined(text);
        } catch (RuntimeException e) {
            return text.group();
        }
    }

    private static String outlined(MatchResult text) {
        Optional<Face> face = Face.ofFamily(Xml.unescaped(text.group(2)))
                .filter(one -> !one.isOwn() || one.bytes().isPresent());
        if (face.isEmpty()) {
            return text.group();
        }
        Shape letters = Outlines.letters(new Mark.Text(
                Xml.unescaped(text.group(8)),
                face.get(),
                Double.parseDouble(text.group(3)),
                Double.parseDouble(text.group(4)),
                Double.parseDouble(text.group(5)),
                Mark.Anchor.valueOf(text.group(6).toUpperCase(Locale.ROOT)),
                Colour.WHITE,
                0));
        return "<text " + text.group(1) + " display=\"none\">" + text.group(8) + "</text><path data-letters=\"\""
                + text.group(7) + " d=\"" + path(letters) + "\"/>";
    }

    /** In SVG's notation, each point as seen from the last one, in hundredths; half as long as places on a canvas. */
    private static String path(Shape letters) {
        StringBuilder path = new StringBuilder(1024);
        double[] c = new double[6];
        long x = 0;
        long y = 0;
        long beganX = 0;
        long beganY = 0;
        for (PathIterator steps = letters.getPathIterator(null); !steps.isDone(); steps.next()) {
            int step = steps.currentSegment(c);
            if (step == PathIterator.SEG_CLOSE) {
                path.append('z');
                x = beganX;
                y = beganY;
                continue;
            }
            int points = switch (step) {
                case PathIterator.SEG_CUBICTO -> 3;
                case PathIterator.SEG_QUADTO -> 2;
                default -> 1;
            };
            path.append("mlqc".charAt(step));
            double[] seen = new double[2 * points];
            for (int i = 0; i < seen.length; i += 2) {
                seen[i] = (Math.round(c[i] * HUNDREDTHS) - x) / HUNDREDTHS;
                seen[i + 1] = (Math.round(c[i + 1] * HUNDREDTHS) - y) / HUNDREDTHS;
            }
            Numbers.append(path, seen);
            x = Math.round(c[2 * points - 2] * HUNDREDTHS);
            y = Math.round(c[2 * points - 1] * HUNDREDTHS);
            if (step == PathIterator.SEG_MOVETO) {
                beganX = x;
                beganY = y;
            }
        }
        return path.toString();
    }
}
