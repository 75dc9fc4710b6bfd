package brandeon.core.publish;

import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.motion.Track;
import brandeon.core.problem.Mistake;
import java.awt.image.BufferedImage;
import java.util.Locale;

/**
 * A piece as frames of a film with see-through ground.
 *
 * @param part            of the canvas, in canvas pixels
 * @param size            of the frames
 * @param framesPerSecond at least 1
 * @param start           instant of the first frame, epoch milliseconds
 * @param millis          length
 */
public record Clip(PieceArt art, Box part, Size size, int framesPerSecond, long start, double millis) {

    /** Longest clip, in milliseconds: longer ones are films, which nobody waits for. */
    public static final double LONGEST = 30_000;

    private static final double STANDARD = 5_000;

    public Clip {
        if (framesPerSecond < 1 || framesPerSecond > 120) {
            throw new Mistake(String.format(
                    Locale.ROOT, "%d frames a second are not possible; there may be 1 to 120.", framesPerSecond));
        }
        if (!(millis > 0 && millis <= LONGEST)) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "A clip of %.1f s is not possible; it lasts up to %.0f s.",
                    millis / 1000,
                    LONGEST / 1000));
        }
    }

    /** How many frames. */
    public int frames() {
        return Math.max(1, (int) Math.round(millis * framesPerSecond / 1000));
    }

    /** One frame, premultiplied; counted from 0, shown from its own instant on. */
    public BufferedImage frame(int index, Pictures pictures) {
        double at = start + index * 1000.0 / framesPerSecond;
        return Raster.paint(part, size, art.at(at), Math.round(at), pictures);
    }

    /** How long a clip of a piece must be: to the end of what ends, else one round of its slowest loop. */
    public static double length(PieceArt art) {
        double once = art.tracks().stream()
                .filter(track -> track.cycles() != Track.FOREVER)
                .mapToDouble(track -> track.delay() + track.millis() * track.cycles())
                .max()
                .orElse(0);
        double round = art.tracks().stream()
                .filter(track -> track.cycles() == Track.FOREVER)
                .mapToDouble(Track::round)
                .max()
                .orElse(STANDARD);
        return Math.min(LONGEST, once > 0 ? once : round);
    }
}
