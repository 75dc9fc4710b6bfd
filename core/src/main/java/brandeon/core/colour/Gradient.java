package brandeon.core.colour;

import brandeon.core.problem.Mistake;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;

/**
 * A run of two or three roles.
 *
 * @param stops two or three roles, evenly spread
 * @param way   how the colours between are found
 */
public record Gradient(List<Role> stops, Way way) {

    /** How to get from one colour to the next (CSS Color 4, section 12). */
    public enum Way {
        /** Straight through OKLab: even, but opposite hues meet in grey. */
        OKLAB,
        /** Round the hue circle by the shorter arc in OKLCH: stays as colourful as its ends. */
        OKLCH
    }

    public static final Gradient STANDARD = new Gradient(List.of(Role.ACCENT, Role.PLATE), Way.OKLAB);

    /** A way is painted in so many steps at most. */
    private static final int STEPS = 10;

    /** In so many steps it is looked at how far that is from the way. */
    private static final int LOOKS = 30;

    /** So far straight sRGB may be from the way in any part of a colour: what a step of eight bits is. */
    private static final double APART = 1 / 255.0;

    /** Pieces of one brand go the same few ways, each on every canvas. */
    private static final Cache<Stretch, List<Point>> KEPT =
            Caffeine.newBuilder().maximumSize(1000).build();

    private record Stretch(Colour from, Colour to, Way way) {}

    public Gradient {
        stops = List.copyOf(stops);
        if (stops.size() < 2 || stops.size() > 3) {
            throw new Mistake("A gradient has two or three colours, not " + stops.size() + ".");
        }
    }

    /** One colour at a place from 0 to 1. */
    public record Point(double offset, Colour colour) {}

    /** The colours along the way, ends included, evenly spread, first to last. */
    public List<Point> points(Palette palette) {
        List<Point> points = new ArrayList<>();
        int parts = stops.size() - 1;
        for (int part = 0; part < parts; part++) {
            Colour from = palette.colour(stops.get(part));
            Colour to = palette.colour(stops.get(part + 1));
            List<Point> along = along(from, to, way);
            for (Point point : part == 0 ? along : along.subList(1, along.size())) {
                points.add(new Point((part + point.offset()) / parts, point.colour()));
            }
        }
        return List.copyOf(points);
    }

    /**
     * The colours from one to another, ends included, evenly spread, first to last: as few as keep straight sRGB
     * between them within a step of eight bits of the way, since a browser paints fewer quicker.
     */
    public static List<Point> along(Colour from, Colour to, Way way) {
        return KEPT.get(new Stretch(from, to, way), _ -> fewest(from, to, way));
    }

    private static List<Point> fewest(Colour from, Colour to, Way way) {
        List<Colour> looked = spread(from, to, way, LOOKS);
        int steps = 1;
        List<Colour> colours = spread(from, to, way, steps);
        while (steps < STEPS && apart(looked, colours) > APART) {
            steps++;
            colours = spread(from, to, way, steps);
        }
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            points.add(new Point(i / (double) steps, colours.get(i)));
        }
        return List.copyOf(points);
    }

    private static List<Colour> spread(Colour from, Colour to, Way way, int steps) {
        List<Colour> colours = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            colours.add(between(from, to, i / (double) steps, way));
        }
        return colours;
    }

    /** How far colours are from straight lines between fewer ones, in red, green or blue at most. */
    private static double apart(List<Colour> all, List<Colour> few) {
        double most = 0;
        for (int i = 1; i < all.size() - 1; i++) {
            double at = i * (few.size() - 1) / (double) (all.size() - 1);
            int before = (int) at;
            double share = at - before;
            Colour here = all.get(i);
            Colour a = few.get(before);
            Colour b = few.get(Math.min(before + 1, few.size() - 1));
            most = Math.max(most, Math.abs(here.red() - mix(a.red(), b.red(), share)));
            most = Math.max(most, Math.abs(here.green() - mix(a.green(), b.green(), share)));
            most = Math.max(most, Math.abs(here.blue() - mix(a.blue(), b.blue(), share)));
        }
        return most;
    }

    /**
     * The least chroma on the way, as a share of the less colourful end of its part; below 1 the middle is greyer than
     * both ends. Parts with a grey end do not count, since grey is meant there; 1 where all are such.
     */
    public double greyest(Palette palette) {
        double least = 1;
        for (int part = 0; part < stops.size() - 1; part++) {
            Colour from = palette.colour(stops.get(part));
            Colour to = palette.colour(stops.get(part + 1));
            double ends = Math.min(Spaces.oklch(from).chroma(), Spaces.oklch(to).chroma());
            for (int i = 1; i < STEPS && ends > 0.03; i++) {
                least = Math.min(
                        least,
                        Spaces.oklch(between(from, to, i / (double) STEPS, way)).chroma() / ends);
            }
        }
        return least;
    }

    /** A mixture; share 0 is {@code from}. Opacity runs evenly. */
    public static Colour between(Colour from, Colour to, double share, Way way) {
        double alpha = from.alpha() + (to.alpha() - from.alpha()) * share;
        return switch (way) {
            case OKLAB -> {
                Spaces.Oklab a = Spaces.oklab(from);
                Spaces.Oklab b = Spaces.oklab(to);
                yield Spaces.oklch(new Spaces.Oklab(
                                mix(a.lightness(), b.lightness(), share),
                                mix(a.a(), b.a(), share),
                                mix(a.b(), b.b(), share)))
                        .toColour()
                        .withAlpha(alpha);
            }
            case OKLCH -> {
                Oklch a = Spaces.oklch(from);
                Oklch b = Spaces.oklch(to);
                yield new Oklch(mix(a.lightness(), b.lightness(), share), mix(a.chroma(), b.chroma(), share), 0)
                        .withHue(hue(a, b, share))
                        .toColour()
                        .withAlpha(alpha);
            }
        };
    }

    /** By the shorter arc; a grey end takes the other's hue. */
    private static double hue(Oklch from, Oklch to, double share) {
        if (from.chroma() < GREY) {
            return to.hue();
        }
        if (to.chroma() < GREY) {
            return from.hue();
        }
        double arc = ((to.hue() - from.hue()) % 360 + 540) % 360 - 180;
        return from.hue() + arc * share;
    }

    /** Below this chroma a hue is an accident of rounding. */
    private static final double GREY = 0.005;

    private static double mix(double from, double to, double share) {
        return from + (to - from) * share;
    }
}
