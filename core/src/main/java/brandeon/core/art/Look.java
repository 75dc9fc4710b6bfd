package brandeon.core.art;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.text.Face;
import java.util.List;

/**
 * A brand as a family sees it.
 *
 * @param corner how round corners are, 0 (square) to 1
 * @param plate  how dark see-through plates are, 0 to 1
 * @param run    the brand's gradient, first to last
 */
public record Look(Palette palette, Face heading, Face text, Face figures, double corner, double plate, List<Gradient.Point> run) {

    /** The brand's gradient as stops of a paint. */
    public List<Paint.Stop> gradient() {
        return run.stream().map(point -> new Paint.Stop(point.offset(), point.colour())).toList();
    }

    /** The plate as it covers what is behind. */
    public Colour seeThroughPlate() {
        return palette.colour(Role.PLATE).withAlpha(plate);
    }

    public Colour colour(Role role) {
        return palette.colour(role);
    }
}
