package brandeon.core.motion;

import java.util.List;
import java.util.stream.IntStream;

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
 * @param start     instant on the server's clock, in epoch milliseconds, at which it began; 0 for loops that have no
 *     start
 */
public record Track(
        String part,
        List<Key> keys,
        Easing easing,
        double millis,
        double delay,
        double cycles,
        boolean alternate,
        long start) {

    public static final double FOREVER = -1;

    /**
     * One key: moved by (x, y) pixels, turned by degrees and scaled about a pivot in canvas pixels, with an opacity.
     */
    public record Key(
            double offset,
            double x,
            double y,
            double turn,
            double scale,
            double pivotX,
            double pivotY,
            double opacity) {

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

    public Track with(List<Key> others) {
        return new Track(part, others, easing, millis, delay, cycles, alternate, start);
    }

    /** The same fades without any movement. */
    public Track still() {
        return new Track(
                part,
                keys.stream()
                        .map(key -> Key.still(key.offset()).faded(key.opacity()))
                        .toList(),
                easing,
                millis,
                delay,
                cycles,
                alternate,
                start);
    }

    /** Whether the opacity changes. */
    public boolean fades() {
        return keys.stream().anyMatch(key -> key.opacity() != keys.getFirst().opacity());
    }

    /** How often it runs forth, or forth and back, in milliseconds: after this a loop shows the same again. */
    public double round() {
        return millis * (alternate ? 2 : 1);
    }

    /**
     * Where its part is at an instant, as the painter shows it: a loop without a start runs by the shared clock,
     * anything
     * else stands at its first key before it begins and at its last one when it is over.
     *
     * @param now epoch milliseconds
     */
    public Pose at(double now) {
        double elapsed = start > 0 ? now - start : now % round() + round();
        double cycle = (elapsed - delay) / millis;
        double whole = cycles == FOREVER
                ? Math.floor(cycle)
                : Math.clamp(Math.floor(cycle), 0, Math.max(0, Math.ceil(cycles) - 1));
        double progress = Math.clamp(cycle - whole, 0, 1);
        boolean back = alternate && Math.floorMod((long) whole, 2) == 1;
        return between(back ? 1 - progress : progress);
    }

    /** Where its part comes to from its first key to its last, in so many steps of the same length of time. */
    public List<Pose> way(int steps) {
        return IntStream.rangeClosed(0, steps)
                .mapToObj(step -> between((double) step / steps))
                .toList();
    }

    private Pose between(double progress) {
        int next = 1;
        while (next < keys.size() - 1 && keys.get(next).offset() <= progress) {
            next++;
        }
        Key from = keys.get(next - 1);
        Key to = keys.get(next);
        double span = to.offset() - from.offset();
        double share = span <= 0 ? 1 : easing.at((progress - from.offset()) / span);
        return Pose.of(from).towards(Pose.of(to), share);
    }

    public static Track loop(String part, Key from, Key to, double millis, double delay) {
        return new Track(part, List.of(from, to), Easing.EASE_IN_OUT, millis, delay, FOREVER, true, 0);
    }

    public static Track once(String part, List<Key> keys, Easing easing, double millis, double delay, long start) {
        return new Track(part, keys, easing, millis, delay, 1, false, start);
    }
}
