package brandeon.core.art;

import brandeon.core.canvas.Size;
import brandeon.core.colour.Spaces;
import brandeon.core.motion.FlashMeter;
import brandeon.core.motion.Pose;
import brandeon.core.motion.Track;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;

/** Judges whether a moving piece flashes too often, over black and over white footage. */
public final class Flashes {

    /** Cells along the longer side of the canvas. */
    private static final int CELLS = 128;
    /** 30 frames a second show up to 15 flashes, five times what is allowed. */
    private static final double STEP = 1000 / 30.0;
    /** What changes slowly is looked at 12 times a second, which shows up to six flashes. */
    private static final double SLOW_STEP = 1000 / 12.0;

    private static final double SLOW_SECONDS = 0.5;
    private static final double SLOW_PIXELS_A_SECOND = 60;
    /** In milliseconds; flashes in what comes later are not seen. */
    private static final double LONGEST_LOOK = 8_000;

    private static final float[] LINEAR = linear();

    private Flashes() {}

    /**
     * The worst second of a piece.
     *
     * @param canvas that the piece lies on, in pixels
     * @param start  first instant, epoch milliseconds
     * @param millis how long to look
     */
    public static FlashMeter.Worst worst(PieceArt art, Size canvas, long start, double millis) {
        double scale = (double) CELLS / Math.max(canvas.width(), canvas.height());
        Size size = Size.of(Math.max(1, (int) Math.round(canvas.width() * scale)), Math.max(1, (int)
                Math.round(canvas.height() * scale)));
        FlashMeter overBlack = new FlashMeter(size.width(), size.height());
        FlashMeter overWhite = new FlashMeter(size.width(), size.height());
        BufferedImage frame = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_RGB);
        boolean particles = art.hasParticles();
        double step = particles || art.tracks().stream().anyMatch(Flashes::fast) ? STEP : SLOW_STEP;
        List<Pose> before = List.of();
        float[] dark = null;
        float[] bright = null;
        for (double at = 0; at <= millis; at += step) {
            double instant = start + at;
            List<Pose> poses =
                    art.tracks().stream().map(track -> track.at(instant)).toList();
            if (dark == null || particles || !poses.equals(before)) {
                BufferedImage painted =
                        Raster.paint(canvas.box(), size, art.at(instant), Math.round(instant), Pictures.NONE);
                dark = light(frame, Color.BLACK, painted);
                bright = light(frame, Color.WHITE, painted);
                before = poses;
            }
            overBlack.frame(dark, at);
            overWhite.frame(bright, at);
        }
        return overBlack.worst().flashes() >= overWhite.worst().flashes() ? overBlack.worst() : overWhite.worst();
    }

    /** Whether a track changes anything within half a second that a slow look could miss. */
    private static boolean fast(Track track) {
        if (track.cycles() != Track.FOREVER) {
            return true;
        }
        for (int i = 1; i < track.keys().size(); i++) {
            Track.Key from = track.keys().get(i - 1);
            Track.Key to = track.keys().get(i);
            double seconds = Math.max(0.001, (to.offset() - from.offset()) * track.millis() / 1000);
            boolean changes = from.opacity() != to.opacity() || from.turn() != to.turn() || from.scale() != to.scale();
            if (changes && seconds < SLOW_SECONDS
                    || Math.hypot(to.x() - from.x(), to.y() - from.y()) / seconds > SLOW_PIXELS_A_SECOND) {
                return true;
            }
        }
        return false;
    }

    /** How long it need be watched: to the end of what ends; of what goes on for ever, a while. */
    public static double look(double millis) {
        return Math.min(LONGEST_LOOK, millis);
    }

    private static float[] light(BufferedImage frame, Color ground, BufferedImage painted) {
        Graphics2D graphics = frame.createGraphics();
        graphics.setColor(ground);
        graphics.fillRect(0, 0, frame.getWidth(), frame.getHeight());
        graphics.drawImage(painted, 0, 0, null);
        graphics.dispose();
        return light(((DataBufferInt) frame.getRaster().getDataBuffer()).getData());
    }

    private static float[] light(int[] pixels) {
        float[] light = new float[pixels.length * 3];
        for (int i = 0; i < pixels.length; i++) {
            light[i * 3] = LINEAR[pixels[i] >> 16 & 0xff];
            light[i * 3 + 1] = LINEAR[pixels[i] >> 8 & 0xff];
            light[i * 3 + 2] = LINEAR[pixels[i] & 0xff];
        }
        return light;
    }

    private static float[] linear() {
        float[] table = new float[256];
        for (int i = 0; i < table.length; i++) {
            table[i] = (float) Spaces.linear(i / 255.0);
        }
        return table;
    }
}
