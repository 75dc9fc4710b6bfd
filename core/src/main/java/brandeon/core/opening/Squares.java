package brandeon.core.opening;

import java.util.BitSet;

/** Erosion and dilation of a set of pixels by a square (Serra 1982), rows first and then columns. */
final class Squares {

    private Squares() {}

    /** Pixels around which a square of 2 · radius + 1 lies wholly in the set; beyond the picture all belongs to it. */
    static BitSet shrunk(BitSet set, int width, int height, int radius) {
        BitSet without = new BitSet(width * height);
        without.set(0, width * height);
        without.andNot(set);
        BitSet shrunk = new BitSet(width * height);
        shrunk.set(0, width * height);
        shrunk.andNot(grown(without, width, height, radius));
        return shrunk;
    }

    /** Pixels from which one of the set is at most the radius away, across and down. */
    static BitSet grown(BitSet set, int width, int height, int radius) {
        BitSet across = new BitSet(width * height);
        for (int i = set.nextSetBit(0); i >= 0; ) {
            int row = i / width * width;
            int end = Math.min(set.nextClearBit(i), row + width);
            across.set(Math.max(row, i - radius), Math.min(row + width, end + radius));
            i = set.nextSetBit(end);
        }
        BitSet grown = new BitSet(width * height);
        for (int x = 0; x < width; x++) {
            int last = Integer.MIN_VALUE / 2;
            for (int y = 0; y < height + radius; y++) {
                if (y < height && across.get(y * width + x)) {
                    last = y;
                }
                if (y - radius >= 0 && last >= y - 2 * radius) {
                    grown.set((y - radius) * width + x);
                }
            }
        }
        return grown;
    }
}
