package brandeon.core.opening;

import brandeon.core.canvas.SourceBox;
import java.util.BitSet;

/**
 * How far the edge of a region fades outwards: from the region on, ring by ring of pixels, until what is painted is
 * solid.
 *
 * @param solid alpha from which on it is
 */
record SoftEdge(int[] argb, int width, int height, int solid) {

    /** The fade ends where fewer than this share of the first ring's pixels are left; less is ornament. */
    private static final double LEAST_LEFT = 0.08;
    /** A step to a neighbour across a corner is this much longer, so that every third ring has none of them. */
    private static final int STRAIGHT_EVERY = 3;

    /**
     * @param region pixels of the region, row by row within its box
     * @return in pixels; 0 where the picture is see-through far beyond an edge
     */
    double around(SourceBox box, BitSet region) {
        int margin = (int) Cut.SOFTEST + 1;
        int left = Math.max(0, (int) box.x() - margin);
        int top = Math.max(0, (int) box.y() - margin);
        int w = Math.min(width, (int) box.right() + margin) - left;
        int h = Math.min(height, (int) box.bottom() + margin) - top;
        BitSet seen = new BitSet(w * h);
        int wide = (int) box.width();
        for (int row = 0; row < box.height(); row++) {
            int from = ((int) box.y() + row - top) * w + (int) box.x() - left - row * wide;
            int end = (row + 1) * wide;
            for (int i = region.nextSetBit(row * wide); i >= 0 && i < end; ) {
                int until = Math.min(end, region.nextClearBit(i));
                seen.set(from + i, from + until);
                i = region.nextSetBit(until);
            }
        }
        BitSet ring = edge(seen, w, h);
        double first = 0;
        for (int far = 1; far <= Cut.SOFTEST; far++) {
            BitSet next = new BitSet(w * h);
            for (int i = ring.nextSetBit(0); i >= 0; i = ring.nextSetBit(i + 1)) {
                step(i, w, h, far % STRAIGHT_EVERY != 0, seen, next);
            }
            if (far == 1) {
                first = next.cardinality();
            }
            next.stream()
                    .filter(i -> argb[(top + i / w) * width + left + i % w] >>> 24 >= solid)
                    .forEach(next::clear);
            if (next.cardinality() < LEAST_LEFT * first || next.isEmpty()) {
                return far - 1;
            }
            ring = next;
        }
        return 0;
    }

    /** Those pixels of a set that have a neighbour outside of it; only from these the first ring can be reached. */
    private static BitSet edge(BitSet set, int w, int h) {
        BitSet edge = new BitSet(w * h);
        for (int i = set.nextSetBit(0); i >= 0; ) {
            int until = set.nextClearBit(i);
            edge.set(i);
            edge.set(until - 1);
            for (int j = i + 1; j < until - 1; j++) {
                if (j < w || j >= w * (h - 1) || !set.get(j - w) || !set.get(j + w)) {
                    edge.set(j);
                }
            }
            i = set.nextSetBit(until);
        }
        return edge;
    }

    private static void step(int i, int w, int h, boolean corners, BitSet seen, BitSet next) {
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int x = i % w + dx;
                int y = i / w + dy;
                if ((corners || dx == 0 || dy == 0) && x >= 0 && y >= 0 && x < w && y < h && !seen.get(y * w + x)) {
                    seen.set(y * w + x);
                    next.set(y * w + x);
                }
            }
        }
    }
}
