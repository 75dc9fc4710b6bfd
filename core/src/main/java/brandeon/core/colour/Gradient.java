package brandeon.core.colour;

import brandeon.core.problem.Mistake;
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

    /** So many colours between two stops that straight sRGB between them cannot be told from the curve. */
    private static final int STEPS = 10;

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
            for (int i = part == 0 ? 0 : 1; i <= STEPS; i++) {
                points.add(new Point((part + i / (double) STEPS) / parts, between(from, to, i / (double) STEPS, way)));
            }
        }
        return List.copyOf(points);
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
