package brandeon.core.publish;

import brandeon.core.art.Mark;
import brandeon.core.art.Outlines;
import brandeon.core.art.Pictures;
import brandeon.core.art.Scaling;
import brandeon.core.art.SvgWriter;
import brandeon.core.canvas.Box;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** A picture as one SVG file that needs nothing else: letters are outlines, ready-made pictures lie inside it. */
public final class SvgFile {

    private static final Pattern PICTURE = Pattern.compile("href=\"/painted/([^\"]+)\"");
    private static final int LARGEST_PICTURE = 2048;

    private SvgFile() {}

    /**
     * @param part of the canvas that the file shows, in canvas pixels
     * @param now  instant that clocks and particles show, epoch milliseconds
     */
    public static String of(List<Mark> marks, Box part, long now, Pictures pictures) {
        String inside = SvgWriter.fragment(Outlines.of(marks, now));
        String whole = PICTURE.matcher(inside)
                .replaceAll(found -> Matcher.quoteReplacement("href=\"" + data(found.group(1), pictures) + "\""));
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$s\" height=\"%2$s\" viewBox=\"%3$s %4$s %1$s %2$s\">%5$s</svg>\n",
                number(part.width()),
                number(part.height()),
                number(part.x()),
                number(part.y()),
                whole);
    }

    private static String number(double pixels) {
        return pixels == Math.rint(pixels) ? String.valueOf((long) pixels) : String.valueOf(pixels);
    }

    /** A picture that is not there becomes one that shows nothing. */
    private static String data(String name, Pictures pictures) {
        return pictures.picture(name, LARGEST_PICTURE, LARGEST_PICTURE)
                .map(SvgFile::data)
                .orElse("data:,");
    }

    private static String data(BufferedImage image) {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(Scaling.straight(image), "png", bytes);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(bytes.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
