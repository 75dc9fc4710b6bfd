package brandeon.core.opening;

import brandeon.core.canvas.SourceBox;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Connected regions of a picture by run-length labelling: runs of matching pixels in each row, joined by union-find
 * with the overlapping runs of the row above.
 */
final class Regions {

    /** One run of a row: pixels from {@code from} up to, without, {@code to}. */
    private record Run(int y, int from, int to) {}

    /** The outermost pixels of a row of a region: from left up to, without, right; relative to the region's box. */
    record Span(double left, double right) {}

    /** @param touchesEdge whether it reaches the picture's edge */
    record Region(int label, SourceBox box, long area, boolean touchesEdge, List<Span> spans) {}

    private final List<Run> runs;
    private final int[] labels;
    private final List<Region> all;

    private Regions(List<Run> runs, int[] labels, List<Region> all) {
        this.runs = runs;
        this.labels = labels;
        this.all = all;
    }

    List<Region> all() {
        return all;
    }

    static Regions of(int[] argb, int width, int height, IntPredicate matches) {
        return at(width, height, at -> matches.test(argb[at]));
    }

    /** @param matches asked with places counted row by row */
    static Regions at(int width, int height, IntPredicate matches) {
        List<Run> runs = new ArrayList<>();
        int[] firstOfRow = new int[height + 1];
        for (int y = 0; y < height; y++) {
            firstOfRow[y] = runs.size();
            int x = 0;
            while (x < width) {
                if (matches.test(y * width + x)) {
                    int from = x;
                    do {
                        x++;
                    } while (x < width && matches.test(y * width + x));
                    runs.add(new Run(y, from, x));
                } else {
                    x++;
                }
            }
        }
        firstOfRow[height] = runs.size();
        int[] parent = joined(runs, firstOfRow, height);
        return new Regions(runs, parent, regions(runs, parent, width, height));
    }

    private static int[] joined(List<Run> runs, int[] firstOfRow, int height) {
        int[] parent = new int[runs.size()];
        for (int i = 0; i < parent.length; i++) {
            parent[i] = i;
        }
        for (int y = 1; y < height; y++) {
            int above = firstOfRow[y - 1];
            for (int i = firstOfRow[y]; i < firstOfRow[y + 1]; i++) {
                while (above < firstOfRow[y]
                        && runs.get(above).to() <= runs.get(i).from()) {
                    above++;
                }
                for (int j = above;
                        j < firstOfRow[y] && runs.get(j).from() < runs.get(i).to();
                        j++) {
                    int one = root(parent, i);
                    int other = root(parent, j);
                    // The first run of a region is its label, so all its runs come after it.
                    parent[Math.max(one, other)] = Math.min(one, other);
                }
            }
        }
        for (int i = 0; i < parent.length; i++) {
            parent[i] = root(parent, i);
        }
        return parent;
    }

    private static int root(int[] parent, int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    private static List<Region> regions(List<Run> runs, int[] labels, int width, int height) {
        int[] left = new int[runs.size()];
        int[] right = new int[runs.size()];
        int[] top = new int[runs.size()];
        int[] bottom = new int[runs.size()];
        long[] area = new long[runs.size()];
        for (int i = 0; i < runs.size(); i++) {
            Run run = runs.get(i);
            int label = labels[i];
            boolean first = area[label] == 0;
            left[label] = first ? run.from() : Math.min(left[label], run.from());
            right[label] = Math.max(right[label], run.to());
            top[label] = first ? run.y() : Math.min(top[label], run.y());
            bottom[label] = Math.max(bottom[label], run.y() + 1);
            area[label] += run.to() - run.from();
        }
        List<Region> regions = new ArrayList<>();
        for (int label = 0; label < runs.size(); label++) {
            if (area[label] > 0) {
                SourceBox box =
                        new SourceBox(left[label], top[label], right[label] - left[label], bottom[label] - top[label]);
                boolean edge = left[label] == 0 || top[label] == 0 || right[label] == width || bottom[label] == height;
                regions.add(new Region(label, box, area[label], edge, spans(runs, labels, label, box)));
            }
        }
        return regions;
    }

    private static List<Span> spans(List<Run> runs, int[] labels, int label, SourceBox box) {
        int rows = (int) box.height();
        int[] left = new int[rows];
        int[] right = new int[rows];
        java.util.Arrays.fill(left, Integer.MAX_VALUE);
        for (int i = label; i < runs.size(); i++) {
            if (labels[i] == label) {
                int row = runs.get(i).y() - (int) box.y();
                left[row] = Math.min(left[row], runs.get(i).from() - (int) box.x());
                right[row] = Math.max(right[row], runs.get(i).to() - (int) box.x());
            }
        }
        List<Span> spans = new ArrayList<>(rows);
        for (int row = 0; row < rows; row++) {
            spans.add(new Span(left[row], right[row]));
        }
        return spans;
    }

    /** The pixels of a region, row by row within its box. */
    BitSet pixels(Region region) {
        int width = (int) region.box().width();
        BitSet pixels = new BitSet(width * (int) region.box().height());
        for (int i = region.label();
                i < runs.size() && runs.get(i).y() < region.box().bottom();
                i++) {
            if (labels[i] == region.label()) {
                int row = (runs.get(i).y() - (int) region.box().y()) * width
                        - (int) region.box().x();
                pixels.set(row + runs.get(i).from(), row + runs.get(i).to());
            }
        }
        return pixels;
    }

    /**
     * The largest upright rectangle that lies wholly inside a region (largest rectangle under a histogram, row by
     * row).
     */
    SourceBox largestInside(Region region) {
        int width = (int) region.box().width();
        int[] heights = new int[width];
        int[] stack = new int[width + 1];
        SourceBox best = new SourceBox(region.box().x(), region.box().y(), 0, 0);
        boolean[] row = new boolean[width];
        int at = region.label();
        for (int y = (int) region.box().y(); y < region.box().bottom(); y++) {
            java.util.Arrays.fill(row, false);
            for (; at < runs.size() && runs.get(at).y() <= y; at++) {
                if (labels[at] == region.label() && runs.get(at).y() == y) {
                    java.util.Arrays.fill(
                            row,
                            runs.get(at).from() - (int) region.box().x(),
                            runs.get(at).to() - (int) region.box().x(),
                            true);
                }
            }
            int top = 0;
            for (int x = 0; x <= width; x++) {
                if (x < width) {
                    heights[x] = row[x] ? heights[x] + 1 : 0;
                }
                int height = x < width ? heights[x] : 0;
                while (top > 0 && heights[stack[top - 1]] >= height) {
                    int tall = heights[stack[--top]];
                    int from = top == 0 ? 0 : stack[top - 1] + 1;
                    if ((double) tall * (x - from) > best.area()) {
                        best = new SourceBox(region.box().x() + from, y + 1.0 - tall, x - from, tall);
                    }
                }
                stack[top++] = x;
            }
        }
        return best;
    }
}
