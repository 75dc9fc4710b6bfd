package brandeon.core.colour;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * All roles of a brand, derived from its seeds in OKLCH.
 *
 * Guarantees, for any seeds: text and quiet text reach 4.5:1 on plate, ground and horizon; accents, edge and
 * on-air reach 3:1 on plate and ground. Lightness is moved by the least amount that reaches the ratio; hue is kept,
 * chroma only lowered where sRGB cannot show it. Colour-vision distances are not guaranteed here.
 */
public final class Palette {

    private static final double GROUND_LIGHTNESS = 0.21;
    private static final double HORIZON_LIGHTNESS = 0.37;
    private static final double PLATE_LIGHTNESS = 0.27;
    private static final double STEP = 0.005;
    private static final double ON_AIR_HUE = 27;

    private final Map<Role, RoleColour> roles = new EnumMap<>(Role.class);

    private Palette() {
    }

    /**
     * Derives all roles.
     *
     * @param seeds one to five colours, most important first; the darkest gives the ground its hue
     * @throws IllegalArgumentException when there are none or more than five
     */
    public static Palette of(List<Colour> seeds) {
        if (seeds.isEmpty() || seeds.size() > 5) {
            throw new IllegalArgumentException("A brand has one to five seed colours, not " + seeds.size() + ".");
        }
        Palette palette = new Palette();
        palette.derive(seeds.stream().map(Spaces::oklch).toList());
        return palette;
    }

    public Colour colour(Role role) {
        return roles.get(role).colour();
    }

    /** Every role in its declared order. Never empty. */
    public List<RoleColour> all() {
        return List.copyOf(roles.values());
    }

    private void derive(List<Oklch> seeds) {
        Oklch first = seeds.getFirst();
        Oklch darkest = seeds.stream().min((a, b) -> Double.compare(a.lightness(), b.lightness())).orElseThrow();
        Oklch second = seeds.size() > 1 ? farthestHue(first, seeds) : first.withHue(first.hue() + 60).withChroma(first.chroma() * 0.8);

        put(Role.GROUND, shade(darkest, GROUND_LIGHTNESS, 0.075), "the darkest seed at lightness 21 %, so that light text always reads");
        put(Role.HORIZON, shade(first, HORIZON_LIGHTNESS, 0.08), "the first seed at lightness 37 %");
        put(Role.PLATE, shade(darkest, PLATE_LIGHTNESS, 0.06), "the ground, lifted by 6 so that it stands off");
        Colour[] papers = {colour(Role.PLATE), colour(Role.GROUND), colour(Role.HORIZON)};
        lift(Role.TEXT, new Oklch(0.96, Math.min(first.chroma(), 0.02), first.hue()), Contrast.TEXT, papers, "near white with a breath of the first seed");
        lift(Role.QUIET_TEXT, new Oklch(0.80, Math.min(first.chroma(), 0.035), first.hue()), Contrast.TEXT, papers, "the text colour, quieter");
        Colour[] darks = {colour(Role.PLATE), colour(Role.GROUND)};
        lift(Role.ACCENT, first, Contrast.LARGE_OR_EDGE, darks, "the first seed");
        lift(Role.SECOND_ACCENT, second, Contrast.LARGE_OR_EDGE, darks, seeds.size() > 1 ? "the seed whose hue lies farthest from the first" : "the first seed, 60° round the hue circle");
        lift(Role.EDGE, spaces(Role.ACCENT).withChroma(first.chroma() * 0.7), Contrast.LARGE_OR_EDGE, darks, "the accent, less colourful");
        put(Role.GLOW, spaces(Role.SECOND_ACCENT).withLightness(Math.max(spaces(Role.SECOND_ACCENT).lightness(), 0.82)), "the second accent, lightened");
        lift(Role.ON_AIR, new Oklch(0.62, 0.22, ON_AIR_HUE), Contrast.LARGE_OR_EDGE, darks, "a fixed red, known to everybody");
        addChecks();
    }

    private Oklch spaces(Role role) {
        return Spaces.oklch(colour(role));
    }

    private static Oklch shade(Oklch seed, double lightness, double mostChroma) {
        return seed.withLightness(lightness).withChroma(Math.min(seed.chroma(), mostChroma));
    }

    private static Oklch farthestHue(Oklch first, List<Oklch> seeds) {
        return seeds.stream().skip(1)
                .max((a, b) -> Double.compare(apart(first, a), apart(first, b)))
                .orElseThrow();
    }

    /** Hue distance weighted by chroma, so that a grey seed is never chosen for its meaningless hue. */
    private static double apart(Oklch one, Oklch other) {
        double step = Math.abs(one.hue() - other.hue());
        return Math.min(step, 360 - step) * Math.min(other.chroma(), 0.1);
    }

    private void put(Role role, Oklch wanted, String reason) {
        roles.put(role, new RoleColour(role, rounded(wanted), reason, List.of()));
    }

    /** Raises lightness from the wanted colour until it reaches the ratio on every paper. White always does on these papers. */
    private void lift(Role role, Oklch wanted, double least, Colour[] papers, String reason) {
        double lightness = wanted.lightness();
        Colour result = rounded(wanted);
        while (leastRatio(result, papers) < least && lightness < 1) {
            lightness = Math.min(1, lightness + STEP);
            result = rounded(wanted.withLightness(lightness));
        }
        long steps = Math.round((lightness - wanted.lightness()) * 100);
        String why = steps == 0 ? reason : reason + ", lightened by " + steps + " until " + ratioText(least) + " on plate and ground";
        roles.put(role, new RoleColour(role, result, why, List.of()));
    }

    private static String ratioText(double least) {
        return (least == Math.rint(least) ? "%.0f:1" : "%.1f:1").formatted(least);
    }

    /** Rounded to eight bits at once, so that the ratio that is promised is the one that is painted. */
    private static Colour rounded(Oklch wanted) {
        return Colour.parse(wanted.toColour().hex());
    }

    private static double leastRatio(Colour colour, Colour[] papers) {
        double least = Double.MAX_VALUE;
        for (Colour paper : papers) {
            least = Math.min(least, Contrast.ratio(colour, paper));
        }
        return least;
    }

    private void addChecks() {
        for (Role role : List.of(Role.TEXT, Role.QUIET_TEXT)) {
            check(role, Contrast.TEXT, Role.PLATE, Role.GROUND, Role.HORIZON);
        }
        for (Role role : List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.EDGE, Role.ON_AIR)) {
            check(role, Contrast.LARGE_OR_EDGE, Role.PLATE, Role.GROUND);
        }
    }

    private void check(Role role, double least, Role... papers) {
        List<RoleColour.Check> checks = new ArrayList<>();
        for (Role paper : papers) {
            checks.add(new RoleColour.Check(paper, Contrast.ratio(colour(role), colour(paper)), least));
        }
        RoleColour plain = roles.get(role);
        roles.put(role, new RoleColour(role, plain.colour(), plain.reason(), List.copyOf(checks)));
    }
}
