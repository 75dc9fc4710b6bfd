package brandeon.core.motion;

import java.util.List;

/**
 * The movement of one part of a piece: only transform and opacity, which browsers move without laying out anew.
 *
 * @param part      name of the part within its piece
 * @param keys      at least two, offsets rising from 0 to 1
 * @param easing    applied between each pair of keys
 * @param millis    length of one cycle
 * @param delay     before the first cycle, in milliseconds from {@code start}; negative starts within the cycle
 * @param cycles    how often; {@link #FOREVER} for a loop
 * @param alternate whether every second cycle runs backward
 * @param start     instant on the server's clock, in epoch milliseconds, at which it began; 0 for loops that have no start
 */
public record Track(String part, List<Key> keys, Easing easing, double millis, double delay, double cycles, boolean alternate, long start) {

    public static final double FOREVER = -1;

    /**
     * One key: moved by (x, y) pixels, turned by degrees and scaled about a pivot in canvas pixels, with an opacity.
     */
    public record Key(double offset, double x, double y, double turn, double scale, double pivotX, double pivotY, double opacity) {

        public static Key still(double offset) {
            return new Key(offset, 0, 0, 0, 1, 0, 0, 1);
        }

        public Key movedBy(double dx, double dy) {
            return new Key(offset, dx, dy, turn, scale, pivotX, pivotY, opacity);
        }

        public Key turnedBy(double degrees, double px, double py) {
            return new Key(offset, x, y, degrees, scale, px, py, opacity);
        }

        public Key scaledBy(double factor, double px, double py) {
            return new Key(offset, x, y, turn, factor, px, py, opacity);
        }

        public Key faded(double to) {
            return new Key(offset, x, y, turn, scale, pivotX, pivotY, to);
        }
    }

    public Track {
        if (keys.size() < 2 || keys.getFirst().offset() != 0 || keys.getLast().offset() != 1) {
            throw new IllegalArgumentException("A track needs at least two keys, from 0 to 1.");
        }
        keys = List.copyOf(keys);
    }

    public static Track loop(String part, Key from, Key to, double millis, double delay) {
        return new Track(part, List.of(from, to), Easing.EASE_IN_OUT, millis, delay, FOREVER, true, 0);
    }

    public static Track once(String part, List<Key> keys, Easing easing, double millis, double delay, long start) {
        return new Track(part, keys, easing, millis, delay, 1, false, start);
    }
}
