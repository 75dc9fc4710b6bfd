package brandeon.core.text;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.LineMetrics;
import java.awt.font.TextLayout;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Widths and heights of text in the shipped faces.
 *
 * Measured at {@value #REFERENCE} px without hinting and scaled, since outlines scale linearly; equal to Chromium's
 * widths to a few hundredths of a pixel at 64 px. Characters that a face lacks are not exact: see {@link #exact}.
 */
public final class Measure {

    private static final float REFERENCE = 256;
    private static final FontRenderContext UNHINTED = new FontRenderContext(null, true, true);
    private static final int KEPT = 4096;
    /** Longer texts are measured again each time, so that what is kept stays below some megabytes. */
    private static final int LONGEST_KEPT = 200;

    private record Key(Face face, String text) {}

    private static final Map<Key, Double> WIDTHS = new LinkedHashMap<>(256, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Double> eldest) {
            return size() > KEPT;
        }
    };

    private Measure() {}

    /** Advance width of one line, in pixels, at a size in pixels. */
    public static double width(Face face, double px, String text) {
        if (text.isEmpty()) {
            return 0;
        }
        Key key = new Key(face, text);
        synchronized (WIDTHS) {
            Double known = WIDTHS.get(key);
            if (known != null) {
                return known * px;
            }
        }
        double perPx = new TextLayout(text, face.at(REFERENCE), UNHINTED).getAdvance() / REFERENCE;
        if (text.length() <= LONGEST_KEPT) {
            synchronized (WIDTHS) {
                WIDTHS.put(key, perPx);
            }
        }
        return perPx * px;
    }

    /** Whether every character is in the face, so that the width is exact. */
    public static boolean exact(Face face, String text) {
        return face.at(REFERENCE).canDisplayUpTo(text) == -1;
    }

    /** Height of capitals, in pixels, at a size in pixels. */
    public static double capHeight(Face face, double px) {
        return CAPS.get(face, f -> glyphHeight(f, "H")) * px;
    }

    /** Height of a lower-case x, in pixels, at a size in pixels. */
    public static double xHeight(Face face, double px) {
        return EXES.get(face, f -> glyphHeight(f, "x")) * px;
    }

    /** Distance from baseline to the lowest part of letters, in pixels. */
    public static double descent(Face face, double px) {
        LineMetrics metrics = face.at(REFERENCE).getLineMetrics("g", UNHINTED);
        return metrics.getDescent() / REFERENCE * px;
    }

    /** Of this many faces heights are known without measuring again. */
    private static final int FACES_KEPT = 500;

    private static final Cache<Face, Double> CAPS =
            Caffeine.newBuilder().maximumSize(FACES_KEPT).build();
    private static final Cache<Face, Double> EXES =
            Caffeine.newBuilder().maximumSize(FACES_KEPT).build();

    private static double glyphHeight(Face face, String glyph) {
        Font font = face.at(REFERENCE);
        return font.createGlyphVector(UNHINTED, glyph).getVisualBounds().getHeight() / REFERENCE;
    }
}
