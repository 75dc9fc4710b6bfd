package brandeon.core.colour;

import brandeon.core.problem.Mistake;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * All roles of a brand, derived from its seeds in OKLCH.
 *
 * Guarantees, for any seeds: text and quiet text reach 4.5:1 on plate, ground and horizon; accents, edge and the
 * signals (on air, warning, good) reach 3:1 on plate and ground; the pairs of {@link ToldApart} differ by its least
 * CIEDE2000 for every vision; those that only should are told apart where that is possible. Lightness is moved first
 * and by the least amount; hue is kept but for small turns of the
 * signals, chroma is only lowered. A pinned role is taken as it is and the others are solved around it; what then
 * cannot hold is told by {@link #shortfalls}.
 */
public final class Palette {

    /** Most colours that a brand begins with. */
    public static final int MOST_SEEDS = 5;

    private static final double GROUND_LIGHTNESS = 0.21;
    private static final double HORIZON_LIGHTNESS = 0.37;
    private static final double PLATE_LIGHTNESS = 0.27;
    private static final double GLOW_LIGHTNESS = 0.82;
    private static final double ROUNDING = 0.005;
    private static final double STEP = 0.005;
    private static final Oklch RED = new Oklch(0.62, 0.22, 27);
    private static final Oklch AMBER = new Oklch(0.83, 0.15, 80);
    private static final Oklch GREEN = new Oklch(0.75, 0.17, 150);

    /** Every look at a theme asks for its palette, and it changes with the brand alone. */
    private static final Cache<Wanted, Palette> KEPT =
            Caffeine.newBuilder().maximumSize(100).build();

    private record Wanted(List<Colour> seeds, Map<Role, Colour> pins) {}

    private final Map<Role, Colour> pins;
    private final Map<Role, RoleColour> roles = new EnumMap<>(Role.class);

    private Palette(Map<Role, Colour> pins) {
        this.pins = pins;
    }

    public static Palette of(List<Colour> seeds) {
        return of(seeds, Map.of());
    }

    /**
     * Derives all roles.
     *
     * @param seeds one to five colours, most important first; the darkest gives the ground its hue
     * @param pins  roles that a person set
     * @throws Mistake when there are no seeds or more than five
     */
    public static Palette of(List<Colour> seeds, Map<Role, Colour> pins) {
        return KEPT.get(new Wanted(List.copyOf(seeds), Map.copyOf(pins)), Palette::derived);
    }

    private static Palette derived(Wanted wanted) {
        requireSeeds(wanted.seeds());
        Palette palette = new Palette(wanted.pins());
        palette.derive(wanted.seeds().stream().map(Spaces::oklch).toList());
        return palette;
    }

    public Colour colour(Role role) {
        return roles.get(role).colour();
    }

    /** Every role in its declared order. Never empty. */
    public List<RoleColour> all() {
        return List.copyOf(roles.values());
    }

    /**
     * What cannot hold: guarantees that pins break, and pairs that the seeds leave no room to tell apart. A pair is
     * listed once.
     */
    public List<Shortfall> shortfalls() {
        List<Shortfall> all = new ArrayList<>();
        for (RoleColour role : roles.values()) {
            for (RoleColour.Check check : role.checks()) {
                if (!check.holds()) {
                    all.add(new Shortfall(
                            role.role(),
                            check.against(),
                            String.format(
                                    Locale.ROOT,
                                    "%s has a contrast of %.1f:1 on %s; it needs %.1f:1.",
                                    role.role().title(),
                                    check.ratio(),
                                    check.against().word(),
                                    check.least()),
                            check.ratio(),
                            check.least()));
                }
            }
            for (RoleColour.Apart apart : role.apart()) {
                if (!apart.holds() && role.role().compareTo(apart.from()) < 0) {
                    all.add(new Shortfall(
                            role.role(),
                            apart.from(),
                            String.format(
                                    Locale.ROOT,
                                    "%s and %s differ by %.1f%s; they need %.0f.",
                                    role.role().title(),
                                    apart.from().word(),
                                    apart.difference(),
                                    eyes(apart.vision()),
                                    apart.least()),
                            apart.difference(),
                            apart.least()));
                }
            }
        }
        return all;
    }

    private void derive(List<Oklch> seeds) {
        Oklch first = seeds.getFirst();
        Oklch darkest =
                seeds.stream().min(Comparator.comparingDouble(Oklch::lightness)).orElseThrow();
        Oklch second = seeds.size() > 1
                ? farthestHue(first, seeds)
                : first.withHue(first.hue() + 60).withChroma(first.chroma() * 0.8);

        put(
                Role.GROUND,
                shade(darkest, GROUND_LIGHTNESS, 0.075),
                "the darkest seed at lightness 21 %, so that light text always reads");
        put(Role.HORIZON, shade(first, HORIZON_LIGHTNESS, 0.08), "the first seed at lightness 37 %");
        put(Role.PLATE, shade(darkest, PLATE_LIGHTNESS, 0.06), "the ground, lifted by 6 so that it stands off");
        Colour[] papers = {colour(Role.PLATE), colour(Role.GROUND), colour(Role.HORIZON)};
        move(
                Role.TEXT,
                new Oklch(0.96, Math.min(first.chroma(), 0.02), first.hue()),
                Contrast.TEXT,
                papers,
                "near white with a breath of the first seed");
        move(
                Role.QUIET_TEXT,
                new Oklch(0.80, Math.min(first.chroma(), 0.035), first.hue()),
                Contrast.TEXT,
                papers,
                "the text colour, quieter");
        signals(
                first,
                second,
                seeds.size() > 1
                        ? "the seed whose hue lies farthest from the first"
                        : "the first seed, 60° round the hue circle");
        Colour[] darks = {colour(Role.PLATE), colour(Role.GROUND)};
        apart(
                Role.EDGE,
                oklch(Role.ACCENT).withChroma(first.chroma() * 0.7),
                colour -> leastRatio(colour, darks) >= Contrast.LARGE_OR_EDGE,
                "the accent, less colourful",
                () -> move(
                        Role.EDGE,
                        oklch(Role.ACCENT).withChroma(first.chroma() * 0.7),
                        Contrast.LARGE_OR_EDGE,
                        darks,
                        "the accent, less colourful"));
        Oklch light = oklch(Role.SECOND_ACCENT)
                .withLightness(Math.max(oklch(Role.SECOND_ACCENT).lightness(), GLOW_LIGHTNESS));
        apart(
                Role.GLOW,
                light,
                colour -> Spaces.oklch(colour).lightness() >= GLOW_LIGHTNESS - ROUNDING,
                "the second accent, lightened",
                () -> put(Role.GLOW, light, "the second accent, lightened"));
        measure();
    }

    /**
     * A role as near to its wish as those leave it room that it meets on screen; otherwise as it is without regard for
     * them.
     */
    private void apart(Role role, Oklch wanted, Predicate<Colour> reads, String reason, Runnable otherwise) {
        List<Colour> others = ToldApart.ALL.stream()
                .filter(pair -> pair.holds(role))
                .map(pair -> colour(pair.beside(role)))
                .toList();
        Optional<Colour> found =
                pins.containsKey(role) ? Optional.empty() : SignalColours.nearest(wanted, others, reads);
        if (found.isEmpty()) {
            otherwise.run();
            return;
        }
        roles.put(
                role,
                new RoleColour(
                        role,
                        found.get(),
                        reason + moved(wanted, found.get(), "so that nobody takes it for another"),
                        false,
                        List.of(),
                        List.of()));
    }

    /** The roles that speak by colour alone, chosen together. */
    private void signals(Oklch first, Oklch second, String secondIs) {
        Map<Role, String> reasons = new EnumMap<>(Map.of(
                Role.ACCENT,
                "the first seed",
                Role.SECOND_ACCENT,
                secondIs,
                Role.ON_AIR,
                "red, known to everybody",
                Role.WARNING,
                "amber, known to everybody",
                Role.GOOD,
                "green, known to everybody"));
        List<SignalColours.Wish> wishes = List.of(
                new SignalColours.Wish(Role.ACCENT, first, false),
                new SignalColours.Wish(Role.SECOND_ACCENT, second, false),
                new SignalColours.Wish(Role.ON_AIR, RED, true),
                new SignalColours.Wish(Role.WARNING, AMBER, true),
                new SignalColours.Wish(Role.GOOD, GREEN, true));
        wishes.stream()
                .filter(wish -> pins.containsKey(wish.role()))
                .forEach(wish -> put(wish.role(), wish.wanted(), reasons.get(wish.role())));
        List<SignalColours.Wish> free =
                wishes.stream().filter(wish -> !pins.containsKey(wish.role())).toList();
        Map<Role, Colour> chosen = SignalColours.choose(free, pins, this::marks);
        for (SignalColours.Wish wish : free) {
            Colour plain = wish.wanted().toColour().rounded();
            String why = reasons.get(wish.role())
                    + moved(
                            wish.wanted(),
                            chosen.get(wish.role()),
                            marks(plain) ? "so that nobody takes it for another" : "until 3:1 on plate and ground");
            roles.put(
                    wish.role(),
                    new RoleColour(wish.role(), chosen.get(wish.role()), why, false, List.of(), List.of()));
        }
    }

    private boolean marks(Colour colour) {
        return leastRatio(colour, new Colour[] {colour(Role.PLATE), colour(Role.GROUND)}) >= Contrast.LARGE_OR_EDGE;
    }

    private static String moved(Oklch wanted, Colour result, String purpose) {
        long steps = Math.round((Spaces.oklch(result).lightness()
                        - Spaces.oklch(wanted.toColour()).lightness())
                * 100);
        if (steps == 0) {
            return Spaces.oklch(result).chroma() < wanted.chroma() * 0.9 && Gamut.holds(wanted)
                    ? ", less colourful " + purpose
                    : "";
        }
        return ", " + (steps > 0 ? "lightened" : "darkened") + " by " + Math.abs(steps) + " " + purpose;
    }

    private Oklch oklch(Role role) {
        return Spaces.oklch(colour(role));
    }

    private static Oklch shade(Oklch seed, double lightness, double mostChroma) {
        return seed.withLightness(lightness).withChroma(Math.min(seed.chroma(), mostChroma));
    }

    private static Oklch farthestHue(Oklch first, List<Oklch> seeds) {
        return seeds.stream()
                .skip(1)
                .max(Comparator.comparingDouble(seed -> apart(first, seed)))
                .orElseThrow();
    }

    /** Hue distance weighted by chroma, so that a grey seed is never chosen for its meaningless hue. */
    private static double apart(Oklch one, Oklch other) {
        double step = Math.abs(one.hue() - other.hue());
        return Math.min(step, 360 - step) * Math.min(other.chroma(), 0.1);
    }

    private void put(Role role, Oklch wanted, String reason) {
        Colour pin = pins.get(role);
        roles.put(
                role,
                new RoleColour(
                        role,
                        pin == null ? wanted.toColour().rounded() : pin,
                        pin == null ? reason : "pinned by hand",
                        pin != null,
                        List.of(),
                        List.of()));
    }

    /**
     * Moves lightness from the wanted colour, up or down, whichever reaches the ratio on every paper sooner. Where
     * pinned papers leave no such lightness, the one with the best least ratio is taken.
     */
    private void move(Role role, Oklch wanted, double least, Colour[] papers, String reason) {
        if (pins.containsKey(role)) {
            put(role, wanted, reason);
            return;
        }
        Colour best = wanted.toColour().rounded();
        for (double by = STEP; leastRatio(best, papers) < least && by <= 1; by += STEP) {
            for (double lightness : new double[] {wanted.lightness() + by, wanted.lightness() - by}) {
                Colour candidate = wanted.withLightness(lightness).toColour().rounded();
                if (leastRatio(candidate, papers) > leastRatio(best, papers)) {
                    best = candidate;
                }
            }
        }
        String why =
                reason + moved(wanted, best, String.format(Locale.ROOT, "until %s on every paper", ratioText(least)));
        roles.put(role, new RoleColour(role, best, why, false, List.of(), List.of()));
    }

    private static String ratioText(double least) {
        return String.format(Locale.ROOT, least == Math.rint(least) ? "%.0f:1" : "%.1f:1", least);
    }

    private static double leastRatio(Colour colour, Colour[] papers) {
        double least = Double.MAX_VALUE;
        for (Colour paper : papers) {
            least = Math.min(least, Contrast.ratio(colour, paper));
        }
        return least;
    }

    private void measure() {
        for (Role role : List.of(Role.TEXT, Role.QUIET_TEXT)) {
            check(role, Contrast.TEXT, Role.PLATE, Role.GROUND, Role.HORIZON);
        }
        for (Role role : List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.EDGE, Role.ON_AIR, Role.WARNING, Role.GOOD)) {
            check(role, Contrast.LARGE_OR_EDGE, Role.PLATE, Role.GROUND);
        }
        check(Role.GLOW, 0);
    }

    private void check(Role role, double least, Role... papers) {
        List<RoleColour.Check> checks = new ArrayList<>();
        for (Role paper : papers) {
            checks.add(new RoleColour.Check(paper, Contrast.ratio(colour(role), colour(paper)), least));
        }
        List<RoleColour.Apart> apart = new ArrayList<>();
        for (ToldApart.Pair pair : ToldApart.ALL) {
            if (pair.holds(role)) {
                ToldApart.Worst worst = ToldApart.worst(colour(role), colour(pair.beside(role)));
                apart.add(new RoleColour.Apart(pair.beside(role), worst.vision(), worst.difference(), ToldApart.LEAST));
            }
        }
        RoleColour plain = roles.get(role);
        roles.put(
                role,
                new RoleColour(
                        role, plain.colour(), plain.reason(), plain.pinned(), List.copyOf(checks), List.copyOf(apart)));
    }

    private static String eyes(Vision vision) {
        return switch (vision) {
            case ORDINARY -> "";
            case PROTAN, DEUTAN, TRITAN -> " to " + vision.name().toLowerCase(Locale.ROOT) + " eyes";
        };
    }

    /** @throws Mistake when there are none, or more than {@value #MOST_SEEDS} */
    public static void requireSeeds(List<Colour> seeds) {
        if (seeds.isEmpty() || seeds.size() > MOST_SEEDS) {
            throw new Mistake("A brand has one to five seed colours, not " + seeds.size() + ".");
        }
    }
}
