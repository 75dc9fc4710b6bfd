package brandeon.core.begin;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Gamut;
import brandeon.core.colour.Oklch;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Eight sets of colours to begin with, as far apart from each other as can be: of many candidates, each next one is the
 * one whose nearest of those before is farthest away (Gonzalez 1985, farthest-first traversal, from memory), by what the
 * palettes derived from them look like.
 */
public final class Moods {

    /** A set of colours. @param name of what it looks like, in a word or two */
    public record Mood(String name, List<Colour> seeds) {}

    private static final int COUNT = 8;
    /** Candidates' hues in degrees of OKLCH. */
    private static final int STEP = 20;
    /** From the main colour to the one that is set against it. */
    private static final int[] AGAINST = {150, 210};

    private static final double[][] TONES = {{0.52, 0.11}, {0.62, 0.17}, {0.36, 0.07}};

    private static final List<Role> SEEN = List.of(Role.GROUND, Role.PLATE, Role.ACCENT, Role.SECOND_ACCENT);

    private static final String[] HUES = {
        "Rose", "Brick", "Rust", "Amber", "Straw", "Moss", "Fern", "Pine", "Teal", "Lagoon", "Sky", "Blue", "Indigo",
        "Violet", "Plum", "Heather"
    };

    private record Candidate(Mood mood, List<Colour> look) {
        double from(Candidate other) {
            double sum = 0;
            for (int i = 0; i < look.size(); i++) {
                sum += Difference.ciede2000(look.get(i), other.look.get(i));
            }
            return sum / look.size();
        }
    }

    private static final List<Mood> ALL = chosen();

    private Moods() {}

    public static List<Mood> all() {
        return ALL;
    }

    /** How far two of them are from each other: the mean CIEDE2000 of ground, plate and accents. */
    public static double apart(Mood one, Mood other) {
        return candidate(one).from(candidate(other));
    }

    private static List<Mood> chosen() {
        List<Candidate> all = new ArrayList<>();
        for (int hue = 0; hue < 360; hue += STEP) {
            for (double[] tone : TONES) {
                for (int against : AGAINST) {
                    all.add(candidate(new Mood(
                            name(hue, tone[0]),
                            List.of(
                                    colour(tone[0], tone[1], hue),
                                    colour(0.78, 0.13, (hue + against) % 360),
                                    colour(0.26, 0.04, hue)))));
                }
            }
        }
        List<Candidate> chosen = new ArrayList<>(List.of(all.get(all.size() / 2)));
        while (chosen.size() < COUNT) {
            chosen.add(all.stream()
                    .filter(one -> chosen.stream()
                            .noneMatch(before ->
                                    before.mood().name().equals(one.mood().name())))
                    .max(Comparator.comparingDouble(
                            one -> chosen.stream().mapToDouble(one::from).min().orElseThrow()))
                    .orElseThrow());
        }
        return chosen.stream().map(Candidate::mood).toList();
    }

    private static Candidate candidate(Mood mood) {
        Palette palette = Palette.of(mood.seeds());
        return new Candidate(mood, SEEN.stream().map(palette::colour).toList());
    }

    private static Colour colour(double lightness, double chroma, double hue) {
        return Gamut.map(new Oklch(lightness, chroma, hue)).rounded();
    }

    private static String name(int hue, double lightness) {
        String word = HUES[hue * HUES.length / 360];
        return lightness < 0.45 ? "Deep " + word.toLowerCase(java.util.Locale.ROOT) : word;
    }
}
