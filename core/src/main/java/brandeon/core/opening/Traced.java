package brandeon.core.opening;

import brandeon.core.canvas.Share;
import brandeon.core.canvas.SourceBox;
import java.util.ArrayList;
import java.util.List;

/**
 * The outer edge of a region as a polygon: its pixels' own edges are followed clockwise, and corners left out as long
 * as none of them lies farther than {@value #NEAR} pixels from what remains (Douglas and Peucker 1973).
 */
final class Traced {

    private static final double NEAR = 1.1;
    private static final int[] ACROSS = {1, 0, -1, 0};
    private static final int[] DOWN = {0, 1, 0, -1};

    private Traced() {}

    /**
     * Whether a pixel, relative to the region's box, belongs to the region; also asked for pixels just outside of the
     * box.
     */
    interface Inside {
        boolean at(int x, int y);
    }

    /** @return corners as shares of the box, at most {@value Cut#MOST_CORNERS} */
    static List<Share> edge(Inside region, SourceBox box) {
        List<int[]> all = followed(region, box);
        double near = 2 * NEAR;
        List<int[]> few = fewer(all, near);
        while (few.size() > Cut.MOST_CORNERS) {
            near *= 1.5;
            few = fewer(all, near);
        }
        return few.stream()
                .map(corner ->
                        new Share(rounded(corner[0] / 2.0 / box.width()), rounded(corner[1] / 2.0 / box.height())))
                .toList();
    }

    private static double rounded(double share) {
        return Math.rint(share * 1e5) / 1e5;
    }

    private static List<int[]> followed(Inside region, SourceBox box) {
        int startX = 0;
        while (startX < box.width() && !region.at(startX, 0)) {
            startX++;
        }
        List<int[]> corners = new ArrayList<>();
        int x = startX;
        int y = 0;
        int way = 0;
        do {
            // The middle of each pixel's side, in half pixels: these lie nearer to a slanted edge than its corners do.
            corners.add(new int[] {2 * x + ACROSS[way], 2 * y + DOWN[way]});
            x += ACROSS[way];
            y += DOWN[way];
            // The region lies to the right of the way; pixels that only meet at a corner do not belong together.
            if (!ahead(region, x, y, way, true)) {
                way = (way + 1) % 4;
            } else if (ahead(region, x, y, way, false)) {
                way = (way + 3) % 4;
            }
        } while (x != startX || y != 0 || way != 0);
        return corners;
    }

    private static boolean ahead(Inside region, int x, int y, int way, boolean right) {
        return switch (way) {
            case 0 -> region.at(x, right ? y : y - 1);
            case 1 -> region.at(right ? x - 1 : x, y);
            case 2 -> region.at(x - 1, right ? y - 1 : y);
            default -> region.at(right ? x : x - 1, y - 1);
        };
    }

    private static List<int[]> fewer(List<int[]> all, double near) {
        int far = 0;
        for (int i = 1; i < all.size(); i++) {
            if (Math.hypot(all.get(i)[0] - all.getFirst()[0], all.get(i)[1] - all.getFirst()[1])
                    > Math.hypot(all.get(far)[0] - all.getFirst()[0], all.get(far)[1] - all.getFirst()[1])) {
                far = i;
            }
        }
        boolean[] kept = new boolean[all.size() + 1];
        kept[0] = true;
        kept[far] = true;
        keep(all, kept, 0, far, near);
        keep(all, kept, far, all.size(), near);
        List<int[]> few = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (kept[i]) {
                few.add(all.get(i));
            }
        }
        return few;
    }

    /** Marks what must stay between two corners; the end may be the first corner again. */
    private static void keep(List<int[]> all, boolean[] kept, int from, int to, double near) {
        List<int[]> open = new ArrayList<>(List.of(new int[] {from, to}));
        while (!open.isEmpty()) {
            int[] part = open.removeLast();
            int[] a = all.get(part[0]);
            int[] b = all.get(part[1] % all.size());
            int worst = -1;
            double most = near;
            for (int i = part[0] + 1; i < part[1]; i++) {
                double off = off(all.get(i), a, b);
                if (off > most) {
                    most = off;
                    worst = i;
                }
            }
            if (worst >= 0) {
                kept[worst] = true;
                open.add(new int[] {part[0], worst});
                open.add(new int[] {worst, part[1]});
            }
        }
    }

    private static double off(int[] p, int[] a, int[] b) {
        double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        return length == 0
                ? Math.hypot(p[0] - a[0], p[1] - a[1])
                : Math.abs((b[0] - a[0]) * (double) (a[1] - p[1]) - (a[0] - p[0]) * (double) (b[1] - a[1])) / length;
    }
}
