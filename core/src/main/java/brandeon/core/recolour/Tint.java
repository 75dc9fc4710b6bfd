package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Oklch;
import brandeon.core.colour.Spaces;

/**
 * Colours white and grey art, for which turning the hue does nothing: its main grey becomes the target, darker greys
 * become darker shades of it down to black, lighter ones go towards white.
 *
 * @param from the main grey
 * @param to   what it becomes
 */
public record Tint(Colour from, Colour to) implements Mapping {

    @Override
    public Colour apply(Colour colour) {
        double main = Spaces.oklch(from).lightness();
        Oklch target = Spaces.oklch(to);
        double l = Spaces.oklch(colour).lightness();
        if (l <= main) {
            double share = main <= 0 ? 1 : l / main;
            return new Oklch(target.lightness() * share, target.chroma() * share, target.hue())
                    .toColour()
                    .withAlpha(colour.alpha());
        }
        double share = (l - main) / (1 - main);
        return new Oklch(
                        target.lightness() + (1 - target.lightness()) * share,
                        target.chroma() * (1 - share),
                        target.hue())
                .toColour()
                .withAlpha(colour.alpha());
    }
}
