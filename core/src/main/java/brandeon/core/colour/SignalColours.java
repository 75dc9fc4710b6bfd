package brandeon.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Chooses colours that can be told apart, each as near to its wish as the others allow.
 *
 * Depth first over the roles in their order, trying for each the colours around its wish from the nearest on: first
 * other lightnesses, then less chroma, and for signals whose hue is ours a small turn of hue. The first complete
 * choice is taken; so an earlier role gives way only where no choice for the later ones exists. The search is
 * bounded; when it finds nothing within the bound, each role takes its nearest readable colour.
 */
final class SignalColours {

    private static final int MOST_STEPS = 60_000;
    /** To try for all pairs that can meet, before only those are held to that always must. */
    private static final int STEPS_FOR_ALL = 4_000;

    private static final List<Offset> STRAIGHT = offsets(new double[] {0}, new double[] {1, 0.75, 0.5});
    private static final List<Offset> TURNING = offsets(new double[] {0, -6, 6, -12, 12}, new double[] {1, 0.8, 0.6});

    /**
     * What a role would like to be.
     *
     * @param turns whether its hue may be turned a little
     */
    record Wish(Role role, Oklch wanted, boolean turns) {}

    private record Offset(double lightness, double chroma, double hue) {

        double cost() {
            return Math.abs(lightness) * 100 + (1 - chroma) * 25 + Math.abs(hue) * 0.5;
        }

        Oklch from(Oklch wanted) {
            return wanted.withLightness(wanted.lightness() + lightness)
                    .withChroma(wanted.chroma() * chroma)
                    .withHue(wanted.hue() + hue);
        }
    }

    private final List<Wish> wishes;
    private final Predicate<Colour> reads;
    private final Map<Role, ToldApart.Seen> chosen = new EnumMap<>(Role.class);
    private final List<Map<Integer, Optional<ToldApart.Seen>>> known = new ArrayList<>();
    private List<ToldApart.Pair> pairs = List.of();
    private int stepsLeft;

    private SignalColours(List<Wish> wishes, Map<Role, Colour> fixed, Predicate<Colour> reads) {
        this.wishes = wishes;
        this.reads = reads;
        fixed.forEach((role, colour) -> chosen.put(role, new ToldApart.Seen(colour)));
        wishes.forEach(_ -> known.add(new HashMap<>()));
    }

    /**
     * @param wishes in the order in which they are honoured
     * @param fixed  roles whose colour is given
     * @param reads  whether a colour has the contrast it needs
     */
    static Map<Role, Colour> choose(List<Wish> wishes, Map<Role, Colour> fixed, Predicate<Colour> reads) {
        SignalColours search = new SignalColours(wishes, fixed, reads);
        boolean found = search.apart(ToldApart.ALL, STEPS_FOR_ALL) || search.apart(ToldApart.PAIRS, MOST_STEPS);
        Map<Role, Colour> result = new EnumMap<>(Role.class);
        for (int i = 0; i < wishes.size(); i++) {
            Role role = wishes.get(i).role();
            result.put(role, found ? search.chosen.get(role).colour() : search.nearest(i));
        }
        return result;
    }

    /**
     * The colour nearest to a wish that reads and is told apart from others that are given; empty where there is none.
     *
     * @param others of the pairs that the role is in
     */
    static Optional<Colour> nearest(Oklch wanted, List<Colour> others, Predicate<Colour> reads) {
        List<ToldApart.Seen> seen = others.stream().map(ToldApart.Seen::new).toList();
        return STRAIGHT.stream()
                .filter(by -> wanted.lightness() + by.lightness() >= 0 && wanted.lightness() + by.lightness() <= 1)
                .map(by -> by.from(wanted).toColour().rounded())
                .filter(reads)
                .filter(colour -> {
                    ToldApart.Seen mine = new ToldApart.Seen(colour);
                    return seen.stream().allMatch(other -> ToldApart.apart(mine, other));
                })
                .findFirst();
    }

    /** Searches for colours of which some pairs are told apart. */
    private boolean apart(List<ToldApart.Pair> wanted, int mostSteps) {
        pairs = wanted;
        stepsLeft = mostSteps;
        return from(0);
    }

    private boolean from(int index) {
        if (index == wishes.size()) {
            return true;
        }
        Wish wish = wishes.get(index);
        List<Offset> offsets = wish.turns() ? TURNING : STRAIGHT;
        for (int i = 0; i < offsets.size() && stepsLeft > 0; i++) {
            stepsLeft--;
            Optional<ToldApart.Seen> candidate = candidate(index, i);
            if (candidate.isPresent() && apart(wish.role(), candidate.get())) {
                chosen.put(wish.role(), candidate.get());
                if (from(index + 1)) {
                    return true;
                }
                chosen.remove(wish.role());
            }
        }
        return false;
    }

    private boolean apart(Role role, ToldApart.Seen colour) {
        for (ToldApart.Pair pair : pairs) {
            ToldApart.Seen other = pair.holds(role) ? chosen.get(pair.beside(role)) : null;
            if (other != null && !ToldApart.apart(colour, other)) {
                return false;
            }
        }
        return true;
    }

    /** Empty where the colour cannot be read or lightness would leave its range. */
    private Optional<ToldApart.Seen> candidate(int wish, int offset) {
        return known.get(wish).computeIfAbsent(offset, i -> {
            Wish about = wishes.get(wish);
            Offset by = (about.turns() ? TURNING : STRAIGHT).get(i);
            double lightness = about.wanted().lightness() + by.lightness();
            if (lightness < 0 || lightness > 1) {
                return Optional.empty();
            }
            Colour colour = by.from(about.wanted()).toColour().rounded();
            return reads.test(colour) ? Optional.of(new ToldApart.Seen(colour)) : Optional.empty();
        });
    }

    private Colour nearest(int wish) {
        List<Offset> offsets = wishes.get(wish).turns() ? TURNING : STRAIGHT;
        for (int i = 0; i < offsets.size(); i++) {
            Optional<ToldApart.Seen> candidate = candidate(wish, i);
            if (candidate.isPresent()) {
                return candidate.get().colour();
            }
        }
        return wishes.get(wish).wanted().toColour().rounded();
    }

    private static List<Offset> offsets(double[] hues, double[] chromas) {
        List<Offset> all = new ArrayList<>();
        for (int step = -60; step <= 60; step++) {
            for (double hue : hues) {
                for (double chroma : chromas) {
                    all.add(new Offset(step / 100.0, chroma, hue));
                }
            }
        }
        all.sort(Comparator.comparingDouble(Offset::cost));
        return List.copyOf(all);
    }
}
