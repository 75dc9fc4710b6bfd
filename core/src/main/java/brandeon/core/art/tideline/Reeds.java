package brandeon.core.art.tideline;

import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Wind;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** Reeds growing from a bank, some with seed heads, swaying in three groups. */
final class Reeds {

    private static final int STALKS = 26;

    private Reeds() {}

    /**
     * @param x     of the outer edge, in pixels
     * @param base  y of the roots
     * @param width of the bank, in pixels
     * @param tall  height of the tallest reed, in pixels
     * @param side  1 when the bank grows from the left edge, -1 from the right
     */
    record Bank(String name, double x, double base, double width, double tall, int side) {}

    /** @param many stalks, as a share of the usual number */
    static void bank(
            List<Mark> marks,
            List<Track> tracks,
            Bank bank,
            double many,
            double u,
            Colour shade,
            Colour accent,
            boolean moving) {
        Wind wind = new Wind(bank.side() > 0 ? 3 : 8);
        List<List<Mark>> layers = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        int stalks = (int) Math.round(STALKS * many);
        for (int i = 0; i < stalks; i++) {
            double out = Math.pow((i + wind.next()) / stalks, 0.85);
            double root = bank.x() + bank.side() * out * bank.width();
            double height = bank.tall() * (1 - 0.72 * out) * (0.62 + 0.38 * wind.next());
            double lean = bank.side() * (0.1 + 0.26 * wind.next()) * height;
            int layer = i % 3;
            Colour tone = Paint.mix(shade, accent, layer == 0 ? 0.34 : layer == 1 ? 0.14 : 0.03);
            stalk(layers.get(layer), root, bank.base(), height, lean, (5 + 4 * wind.next()) * u, tone);
            if (i % 4 == 1) {
                head(layers.get(layer), root, bank.base(), height, lean, u, Paint.mix(tone, shade, 0.35));
            } else if (i % 4 == 3) {
                blade(layers.get(layer), root, bank.base(), height * 0.62, lean * 2.3, 11 * u, tone);
            }
        }
        for (int layer = 0; layer < layers.size(); layer++) {
            String part = "reeds-" + bank.name() + "-" + layer;
            marks.add(Mark.group(part, layers.get(layer)));
            if (moving) {
                double sway = 0.7 + 0.35 * layer;
                tracks.add(Track.loop(
                        part,
                        Track.Key.still(0).turnedBy(-sway, bank.x(), bank.base()),
                        Track.Key.still(1).turnedBy(sway, bank.x(), bank.base()),
                        5600 + 1300.0 * layer,
                        -900.0 * layer));
            }
        }
    }

    private static void stalk(
            List<Mark> marks, double x, double base, double height, double lean, double width, Colour tone) {
        double tipX = x + lean;
        double tipY = base - height;
        marks.add(new Mark.Filled(
                Outline.pen()
                        .move(x - width / 2, base)
                        .curve(
                                x - width / 2,
                                base - height * 0.5,
                                x + lean * 0.4 - width * 0.3,
                                base - height * 0.8,
                                tipX,
                                tipY)
                        .curve(
                                x + lean * 0.4 + width * 0.3,
                                base - height * 0.8,
                                x + width / 2,
                                base - height * 0.5,
                                x + width / 2,
                                base)
                        .close()
                        .outline(),
                Paint.of(tone)));
    }

    private static void blade(
            List<Mark> marks, double x, double base, double height, double lean, double width, Colour tone) {
        marks.add(new Mark.Filled(
                Outline.pen()
                        .move(x - width / 2, base)
                        .curve(
                                x - width * 0.2,
                                base - height * 0.7,
                                x + lean * 0.3,
                                base - height * 1.1,
                                x + lean,
                                base - height * 0.82)
                        .curve(
                                x + lean * 0.4,
                                base - height * 0.98,
                                x + width * 0.5,
                                base - height * 0.6,
                                x + width / 2,
                                base)
                        .close()
                        .outline(),
                Paint.of(tone)));
    }

    /** The brown club of a bulrush, just under the tip. */
    private static void head(
            List<Mark> marks, double x, double base, double height, double lean, double u, Colour tone) {
        double length = Math.min(76 * u, height * 0.2);
        double half = 8.5 * u;
        double cx = x + lean * 0.93;
        double cy = base - height * 0.93;
        marks.add(new Mark.Filled(
                Outline.rounded(new Box(cx - half, cy - length / 2, half * 2, length), half), Paint.of(tone)));
    }
}
