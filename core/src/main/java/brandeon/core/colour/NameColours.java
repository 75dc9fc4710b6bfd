package brandeon.core.colour;

import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Colours for people's names: evenly spread hues, each as light or dark as it must be to be read on its ground, and the
 * same for the same name wherever it stands.
 */
public final class NameColours {

    /** So many can be told apart on one ground. */
    static final int COUNT = 12;

    private static final double CHROMA = 0.14;
    private static final double STEP = 0.01;
    private static final int MOST_GROUNDS = 500;

    private static final Map<Colour, List<Colour>> KNOWN = Caffeine.newBuilder()
            .maximumSize(MOST_GROUNDS)
            .<Colour, List<Colour>>build()
            .asMap();

    private NameColours() {}

    /** @param ground on which the name stands */
    public static Colour of(String name, Colour ground) {
        return all(ground).get(Math.floorMod(spread(name), COUNT));
    }

    static List<Colour> all(Colour ground) {
        return KNOWN.computeIfAbsent(
                ground,
                on -> IntStream.range(0, COUNT)
                        .mapToObj(i -> readable(i * 360.0 / COUNT, on))
                        .toList());
    }

    /** Names that differ little get colours that differ. FNV-1a, 32 bits. */
    private static int spread(String name) {
        int hash = 0x811c9dc5;
        for (int i = 0; i < name.length(); i++) {
            hash = (hash ^ name.charAt(i)) * 0x01000193;
        }
        return hash ^ (hash >>> 15);
    }

    /** From a middle lightness towards whichever end reads first. */
    private static Colour readable(double hue, Colour ground) {
        boolean dark = Contrast.luminance(ground) < 0.18;
        Colour best = dark ? Colour.WHITE : Colour.BLACK;
        for (double lightness = dark ? 0.68 : 0.6; lightness >= 0 && lightness <= 1; lightness += dark ? STEP : -STEP) {
            Colour colour = Gamut.map(new Oklch(lightness, CHROMA, hue));
            if (Contrast.ratio(colour, ground) >= Contrast.TEXT) {
                return colour;
            }
        }
        return best;
    }
}
