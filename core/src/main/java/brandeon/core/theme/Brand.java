package brandeon.core.theme;

import brandeon.core.art.Look;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Palette;
import brandeon.core.text.Face;
import java.util.List;

/**
 * A brand: everything else is derived from it.
 *
 * @param seeds  one to five colours, most important first
 * @param corner how round corners are, 0 to 1
 */
public record Brand(List<Colour> seeds, Face heading, Face text, Face figures, double corner) {

    public Brand {
        seeds = List.copyOf(seeds);
        if (seeds.isEmpty() || seeds.size() > 5) {
            throw new IllegalArgumentException("A brand has one to five seed colours, not " + seeds.size() + ".");
        }
        if (!(corner >= 0 && corner <= 1)) {
            throw new IllegalArgumentException("Corner roundness lies between 0 and 1, not at " + corner + ".");
        }
    }

    public Look look() {
        return new Look(Palette.of(seeds), heading, text, figures, corner);
    }
}
