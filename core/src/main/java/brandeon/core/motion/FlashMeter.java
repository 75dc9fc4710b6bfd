package brandeon.core.motion;

import java.util.ArrayDeque;
import java.util.Deque;

/**
 * Counts flashes in a run of frames by the thresholds of WCAG 2.2, success criterion 2.3.1 (definition of "general
 * flash and red flash thresholds", from memory):
 * <ul>
 * <li>a general flash is a pair of opposing changes in relative luminance of 10 % of its full range or more, where the
 * darker one is below 0.80;
 * <li>a red flash is a pair of opposing changes to and from a saturated red, R/(R+G+B) of linear light at least 0.8,
 * that are more than 0.2 apart in the CIE 1976 UCS chromaticity diagram;
 * <li>what flashes counts when it covers more than a quarter of any rectangle of 341 × 256 pixels on a screen of
 * 1024 × 768 (10 degrees of the visual field); it passes when none does so more than three times within any second.
 * </ul>
 * Frames come small; each cell stands for the mean of what it covers. A change counts at the frame where it has gone
 * far enough. Not covered: the exception for fine balanced patterns, which small frames have averaged away already.
 */
public final class FlashMeter {

    /** The longer side of the screen that the thresholds speak of, and the rectangle on it. */
    public static final double SCREEN = 1024;

    static final double RECTANGLE_WIDTH = 341;
    static final double RECTANGLE_HEIGHT = 256;

    private static final double CHANGE = 0.1;
    private static final double DARK = 0.8;
    private static final double SATURATED = 0.8;
    private static final double CHROMA_CHANGE = 0.2;
    private static final double SECOND = 1000;
    private static final double AREA = 0.25;
    /** CIE 1976 u', v' of the white of sRGB (D65): where black stands. */
    private static final double WHITE_U = 0.1978;

    private static final double WHITE_V = 0.4683;

    private final int width;
    private final int height;
    private final Cell[] general;
    private final Cell[] red;
    private Worst worst = Worst.NONE;

    /**
     * The most flashes that a large enough part of the screen had within one second.
     *
     * @param at  milliseconds from the first frame at which that second ended
     * @param red whether these are red flashes
     */
    public record Worst(int flashes, double at, boolean red) {

        public static final Worst NONE = new Worst(0, 0, false);

        /** More than three in a second are too many. */
        public static final int ALLOWED = 3;

        public boolean tooMany() {
            return flashes > ALLOWED;
        }
    }

    /** One place on the screen: the last extremes and the times of its changes within the last second. */
    private static final class Cell {
        private double low;
        private double high;
        private double u = WHITE_U;
        private double v = WHITE_V;
        private int direction;
        private boolean fresh = true;
        private final Deque<Double> changes = new ArrayDeque<>();

        void changed(double at) {
            changes.addLast(at);
        }

        int flashes(double at) {
            while (!changes.isEmpty() && changes.peekFirst() <= at - SECOND) {
                changes.removeFirst();
            }
            return changes.size() / 2;
        }

        /** Follows a luminance: a change is complete when it is far enough from the last extreme. */
        void luminance(double now, double at) {
            if (fresh) {
                low = now;
                high = now;
                fresh = false;
                return;
            }
            low = Math.min(low, now);
            high = Math.max(high, now);
            if (direction <= 0 && now - low >= CHANGE && low < DARK) {
                turned(1, now, at);
            } else if (direction >= 0 && high - now >= CHANGE && now < DARK) {
                turned(-1, now, at);
            } else if (direction > 0) {
                low = high;
            } else if (direction < 0) {
                high = low;
            }
        }

        private void turned(int to, double now, double at) {
            direction = to;
            low = now;
            high = now;
            changed(at);
        }

        /** Follows a chromaticity: a change is to or from a saturated red, and far enough from the last one. */
        void chromaticity(double nowU, double nowV, boolean saturated, double at) {
            int side = saturated ? 1 : -1;
            if (fresh) {
                fresh = false;
                direction = side;
                u = nowU;
                v = nowV;
            } else if (side != direction && Math.hypot(nowU - u, nowV - v) > CHROMA_CHANGE) {
                direction = side;
                u = nowU;
                v = nowV;
                changed(at);
            } else if (side == direction && saturated) {
                u = nowU;
                v = nowV;
            }
        }
    }

    /** @param width and height of the frames, in cells */
    public FlashMeter(int width, int height) {
        this.width = width;
        this.height = height;
        general = cells(width * height);
        red = cells(width * height);
    }

    private static Cell[] cells(int count) {
        Cell[] cells = new Cell[count];
        for (int i = 0; i < count; i++) {
            cells[i] = new Cell();
        }
        return cells;
    }

    /**
     * The next frame.
     *
     * @param linear red, green and blue of each cell, row by row, in linear light from 0 to 1
     * @param at     milliseconds, rising
     */
    public void frame(float[] linear, double at) {
        for (int i = 0; i < general.length; i++) {
            double r = linear[i * 3];
            double g = linear[i * 3 + 1];
            double b = linear[i * 3 + 2];
            general[i].luminance(0.2126 * r + 0.7152 * g + 0.0722 * b, at);
            double x = 0.4124 * r + 0.3576 * g + 0.1805 * b;
            double y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
            double z = 0.0193 * r + 0.1192 * g + 0.9505 * b;
            double sum = x + 15 * y + 3 * z;
            boolean black = sum < 1e-4;
            red[i].chromaticity(
                    black ? WHITE_U : 4 * x / sum,
                    black ? WHITE_V : 9 * y / sum,
                    r + g + b > 1e-3 && r / (r + g + b) >= SATURATED,
                    at);
        }
        look(general, at, false);
        look(red, at, true);
    }

    private void look(Cell[] cells, double at, boolean reds) {
        int[] flashes = new int[cells.length];
        int most = 0;
        for (int i = 0; i < cells.length; i++) {
            flashes[i] = cells[i].flashes(at);
            most = Math.max(most, flashes[i]);
        }
        for (int wanted = most; wanted > worst.flashes(); wanted--) {
            if (largeEnough(flashes, wanted)) {
                worst = new Worst(wanted, at, reds);
            }
        }
    }

    /** Whether cells with so many flashes fill more than a quarter of some rectangle; by sums over rows and columns. */
    private boolean largeEnough(int[] flashes, int wanted) {
        double scale = Math.max(width, height) / SCREEN;
        int w = Math.clamp(Math.round(RECTANGLE_WIDTH * scale), 1, width);
        int h = Math.clamp(Math.round(RECTANGLE_HEIGHT * scale), 1, height);
        int[] sums = new int[(width + 1) * (height + 1)];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                sums[(y + 1) * (width + 1) + x + 1] = (flashes[y * width + x] >= wanted ? 1 : 0)
                        + sums[y * (width + 1) + x + 1]
                        + sums[(y + 1) * (width + 1) + x]
                        - sums[y * (width + 1) + x];
            }
        }
        double enough = w * h * AREA;
        for (int y = h; y <= height; y++) {
            for (int x = w; x <= width; x++) {
                int inside = sums[y * (width + 1) + x]
                        - sums[(y - h) * (width + 1) + x]
                        - sums[y * (width + 1) + x - w]
                        + sums[(y - h) * (width + 1) + x - w];
                if (inside > enough) {
                    return true;
                }
            }
        }
        return false;
    }

    public Worst worst() {
        return worst;
    }
}
