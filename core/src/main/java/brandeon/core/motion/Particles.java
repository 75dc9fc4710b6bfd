package brandeon.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Falling, rising or drifting particles inside a box. Where each one is follows from the seed, its number and the time
 * alone; nothing is kept from frame to frame. So every source shows the same particles, whenever it was opened, and
 * the painter ({@code web/src/painter/particles.ts}) computes the same as this class.
 *
 * @param seed      equal seeds give equal motion
 * @param count     how many
 * @param size      of one in the middle distance, in pixels; the nearest are 1.5 times as large, the farthest half
 * @param speed     in the middle distance, in pixels a second; the nearest move 1.5 times as fast, the farthest half
 * @param direction degrees, clockwise from the right: 90 falls, 270 rises
 * @param drift     how far it sways to each side of its way, in pixels
 * @param spin      turns on the way; 0 keeps it upright
 * @param aligned   whether it is turned along its way
 * @param opacity   of the nearest, 0 to 1
 * @param twinkle   how much its light comes and goes, 0 to 1
 * @param pile      height of what piles up at the bottom, in pixels; 0 when it falls out of the box
 * @param rest      how long one lies in the pile, in seconds
 */
public record Particles(
        int seed,
        int count,
        double size,
        double speed,
        double direction,
        double drift,
        double spin,
        boolean aligned,
        double opacity,
        double twinkle,
        double pile,
        double rest) {

    public static final int MOST = 600;
    /** Twelve days: numbers of turns stay small, and nobody watches the one jump. */
    private static final double ROUND_SECONDS = 1 << 20;
    /** Share of its way in which one appears, and in which one goes. */
    private static final double FADE = 0.08;

    private static final double SWAYS = 3;

    public Particles {
        if (count < 0 || count > MOST) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "%d particles are not possible; there may be 0 to %d.", count, MOST));
        }
        if (!(size > 0 && speed > 0)) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "Size %s and speed %s must be more than 0.", size, speed));
        }
    }

    /** One particle: its middle from the box's top left and its size in pixels, its turn in radians. */
    public record Grain(double x, double y, double size, double turn, double opacity) {}

    /**
     * All particles at an instant, the farthest first.
     *
     * @param now    epoch milliseconds
     * @param width  of the box, in pixels
     * @param height of the box, in pixels
     */
    public List<Grain> at(double now, double width, double height) {
        List<Grain> grains = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            grains.add(one(i, now / 1000 % ROUND_SECONDS, width, height));
        }
        return grains;
    }

    private Grain one(int i, double seconds, double width, double height) {
        double depth = (i + 0.5) / count;
        double big = size * (0.5 + depth);
        double pace = speed * (0.5 + depth);
        double angle = Math.toRadians(direction);
        double alongX = Math.cos(angle);
        double alongY = Math.sin(angle);
        double margin = big + drift;
        double way = Math.abs(alongX) * width + Math.abs(alongY) * height + 2 * margin;
        double across = Math.abs(alongY) * width + Math.abs(alongX) * height;
        boolean piles = pile > 0 && alongY > 0.5;
        double fall = way / pace;
        double lasts = fall + (piles ? rest : 0);
        double turns = seconds / lasts + chance(i, 1);
        int round = (int) Math.floor(turns);
        double at = (turns - round) * lasts;
        double gone = Math.min(1, at / fall);
        double side = (chance(i, 4 + round * 3) - 0.5) * across;
        double sway = drift * Math.sin(2 * Math.PI * (gone * SWAYS + chance(i, 2)));
        double ahead = (gone - 0.5) * way;
        double x = width / 2 + alongX * ahead - alongY * (side + sway);
        double y = height / 2 + alongY * ahead + alongX * (side + sway);
        double shown = Math.min(1, Math.min(gone, piles ? 1 : 1 - gone) / FADE);
        if (piles) {
            // Lower where few land: the pile thins out towards its sides.
            double heap =
                    pile * chance(i, 5 + round * 3) * (0.4 + 0.6 * Math.sin(Math.PI * Math.clamp(x / width, 0, 1)));
            y = Math.min(y, height - heap - big * 0.3);
            shown = Math.min(shown, Math.min(1, (lasts - at) / (rest * 0.3 + 0.001)));
        }
        double light =
                1 - twinkle * (0.5 + 0.5 * Math.sin(2 * Math.PI * (seconds * (0.5 + chance(i, 3)) + chance(i, 2))));
        double turn = aligned ? angle : spin > 0 ? 2 * Math.PI * (chance(i, 6 + round * 3) + spin * gone) : 0;
        return new Grain(x, y, big, turn, Math.min(1, opacity * (0.4 + 0.6 * depth) * shown * light));
    }

    /** A number from 0 to 1 that belongs to a particle and a question: a 32-bit mixing of both with the seed. */
    private double chance(int particle, int question) {
        int bits = seed ^ particle * 0x9E3779B1 ^ question * 0x85EBCA77;
        bits = (bits ^ bits >>> 16) * 0x7feb352d;
        bits = (bits ^ bits >>> 15) * 0x846ca68b;
        bits ^= bits >>> 16;
        return Integer.toUnsignedLong(bits) / 4294967296.0;
    }
}
