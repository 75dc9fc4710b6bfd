package brandeon.core.opening;

import java.util.Arrays;
import java.util.Comparator;

/** Aspect ratios in common use for cameras and screens (common practice, no source). */
public enum Aspect {
    A16_9(16, 9),
    A16_10(16, 10),
    A4_3(4, 3),
    A3_2(3, 2),
    A5_4(5, 4),
    A1_1(1, 1),
    A21_9(21, 9),
    A9_16(9, 16),
    A3_4(3, 4),
    A2_3(2, 3);

    private final int across;
    private final int down;

    Aspect(int across, int down) {
        this.across = across;
        this.down = down;
    }

    public double ratio() {
        return across / (double) down;
    }

    /** For people, e.g. "16:9". */
    public String title() {
        return across + ":" + down;
    }

    public static Aspect nearest(double ratio) {
        return Arrays.stream(values())
                .min(Comparator.comparingDouble(aspect -> Math.abs(Math.log(ratio / aspect.ratio()))))
                .orElseThrow();
    }
}
