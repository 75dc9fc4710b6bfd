package brandeon.core.colour;

import java.util.List;
import java.util.stream.Stream;

/**
 * Which roles must never be taken for each other, by anybody: those that say something by their colour alone.
 *
 * The difference of a pair is the least CIEDE2000 over ordinary, protan, deutan and tritan vision.
 */
public final class ToldApart {

    /**
     * Least difference of such a pair. Ten is plain to see for small marks that stand apart (common practice, no
     * source).
     */
    public static final double LEAST = 10;

    /** Two roles that must be told apart. */
    public record Pair(Role one, Role other) {

        boolean holds(Role role) {
            return one == role || other == role;
        }

        Role beside(Role role) {
            return one == role ? other : one;
        }
    }

    public static final List<Pair> PAIRS = List.of(
            new Pair(Role.ACCENT, Role.SECOND_ACCENT),
            new Pair(Role.ACCENT, Role.ON_AIR),
            new Pair(Role.SECOND_ACCENT, Role.ON_AIR),
            new Pair(Role.ON_AIR, Role.WARNING),
            new Pair(Role.ON_AIR, Role.GOOD),
            new Pair(Role.WARNING, Role.GOOD));

    /**
     * Pairs that meet on screen too. They are told apart wherever the seeds leave room for it; where they do not, it
     * is a
     * finding. (The glow is the light of the second accent, so those two may be near each other.)
     */
    public static final List<Pair> WHERE_POSSIBLE = List.of(
            new Pair(Role.SECOND_ACCENT, Role.WARNING),
            new Pair(Role.ACCENT, Role.WARNING),
            new Pair(Role.ACCENT, Role.GOOD),
            new Pair(Role.SECOND_ACCENT, Role.GOOD),
            new Pair(Role.GLOW, Role.WARNING),
            new Pair(Role.GLOW, Role.ON_AIR),
            new Pair(Role.GLOW, Role.GOOD),
            new Pair(Role.ACCENT, Role.EDGE));

    static final List<Pair> ALL =
            Stream.concat(PAIRS.stream(), WHERE_POSSIBLE.stream()).toList();

    private ToldApart() {}

    /** The vision in which two colours are hardest to tell apart, and their CIEDE2000 there. */
    public record Worst(Vision vision, double difference) {}

    public static Worst worst(Colour one, Colour other) {
        return worst(new Seen(one), new Seen(other));
    }

    static Worst worst(Seen one, Seen other) {
        Worst worst = new Worst(Vision.ORDINARY, Double.MAX_VALUE);
        for (Vision vision : Vision.values()) {
            double difference = Difference.ciede2000(one.lab(vision), other.lab(vision));
            if (difference < worst.difference()) {
                worst = new Worst(vision, difference);
            }
        }
        return worst;
    }

    /** Whether nobody takes the one for the other. */
    static boolean apart(Seen one, Seen other) {
        for (Vision vision : Vision.values()) {
            if (!Difference.atLeast(LEAST, one.lab(vision), other.lab(vision))) {
                return false;
            }
        }
        return true;
    }

    /** A colour with what each vision makes of it, computed once and when it is asked for. Of one thread. */
    static final class Seen {
        private final Colour colour;
        private final Spaces.Lab[] labs = new Spaces.Lab[Vision.values().length];

        Seen(Colour colour) {
            this.colour = colour;
        }

        Colour colour() {
            return colour;
        }

        Spaces.Lab lab(Vision vision) {
            Spaces.Lab lab = labs[vision.ordinal()];
            if (lab == null) {
                lab = Spaces.lab(vision.seen(colour));
                labs[vision.ordinal()] = lab;
            }
            return lab;
        }
    }
}
