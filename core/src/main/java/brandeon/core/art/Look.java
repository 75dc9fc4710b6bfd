package brandeon.core.art;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.text.Face;

/**
 * A brand as a family sees it.
 *
 * @param corner how round corners are, 0 (square) to 1
 */
public record Look(Palette palette, Face heading, Face text, Face figures, double corner) {

    public Colour colour(Role role) {
        return palette.colour(role);
    }
}
