package brandeon.core.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How dark (covering) a see-through plate must be for its text to read over any footage.
 *
 * What stands behind the plate lies between black and white, and the plate over it between plate over black and plate
 * over white; luminance rises from one to the other, so contrast anywhere between is at least the lesser of both ends
 * as long as the text is lighter or darker than both. Where the text lies between them, contrast falls to 1:1 on some
 * footage. Compositing is in coded sRGB, as browsers do it.
 *
 * @param reachable whether any darkness reaches the wanted ratio
 * @param percent   the least that does, 0 to 100; 100 where none does
 * @param overBlack contrast at that darkness with black behind
 * @param overWhite contrast at that darkness with white behind
 * @param remedies  what would help where none does; empty otherwise
 */
public record PlateDarkness(boolean reachable, int percent, double overBlack, double overWhite, List<Remedy> remedies) {

    /** A way out: another colour for text, or an outline around letters, with the contrast it brings. */
    public record Remedy(Kind kind, Colour colour, double ratio) {
        public enum Kind {
            OTHER_TEXT,
            OUTLINE,
            SHADOW
        }
    }

    /** Contrast over the least favourable footage at a darkness from 0 to 1. */
    public static double worst(Colour text, Colour plate, double darkness) {
        double black = Contrast.luminance(plate.withAlpha(darkness).over(Colour.BLACK));
        double white = Contrast.luminance(plate.withAlpha(darkness).over(Colour.WHITE));
        double letters = Contrast.luminance(text);
        if (letters >= black && letters <= white) {
            return 1;
        }
        return Math.min(over(text, plate, darkness, Colour.BLACK), over(text, plate, darkness, Colour.WHITE));
    }

    /**
     * The least whole percentage that reaches a contrast over any footage.
     *
     * @param text  an opaque colour
     * @param plate an opaque colour
     */
    public static PlateDarkness least(Colour text, Colour plate, double ratio) {
        for (int percent = 0; percent <= 100; percent++) {
            if (worst(text, plate, percent / 100.0) >= ratio) {
                return new PlateDarkness(
                        true,
                        percent,
                        over(text, plate, percent / 100.0, Colour.BLACK),
                        over(text, plate, percent / 100.0, Colour.WHITE),
                        List.of());
            }
        }
        return new PlateDarkness(
                false,
                100,
                over(text, plate, 1, Colour.BLACK),
                over(text, plate, 1, Colour.WHITE),
                remedies(text, plate, ratio));
    }

    private static List<Remedy> remedies(Colour text, Colour plate, double ratio) {
        List<Remedy> all = new ArrayList<>();
        nearestReadable(text, plate, ratio)
                .ifPresent(other -> all.add(new Remedy(Remedy.Kind.OTHER_TEXT, other, Contrast.ratio(other, plate))));
        Colour ink =
                Contrast.ratio(text, Colour.BLACK) >= Contrast.ratio(text, Colour.WHITE) ? Colour.BLACK : Colour.WHITE;
        all.add(new Remedy(Remedy.Kind.OUTLINE, ink, Contrast.ratio(text, ink)));
        // A shadow that fades from full to nothing is half as dense at the letters' edge.
        all.add(new Remedy(
                Remedy.Kind.SHADOW,
                ink.withAlpha(0.5),
                Contrast.ratio(text, ink.withAlpha(0.5).over(plate))));
        return all;
    }

    private static Optional<Colour> nearestReadable(Colour text, Colour plate, double ratio) {
        Oklch wanted = Spaces.oklch(text);
        for (double by = 0.01; by <= 1; by += 0.01) {
            for (double lightness : new double[] {wanted.lightness() + by, wanted.lightness() - by}) {
                Colour candidate = wanted.withLightness(lightness).toColour().rounded();
                if (Contrast.ratio(candidate, plate) >= ratio) {
                    return Optional.of(candidate);
                }
            }
        }
        return Optional.empty();
    }

    private static double over(Colour text, Colour plate, double darkness, Colour footage) {
        return Contrast.ratio(text, plate.withAlpha(darkness).over(footage));
    }
}
