package brandeon.core.art;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Contrast;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.text.Face;
import java.util.List;
import java.util.stream.Stream;

/**
 * A brand as a family sees it.
 *
 * @param corner how round corners are, 0 (square) to 1
 * @param plate  how dark see-through plates are, 0 to 1
 * @param run    the brand's gradient, first to last
 * @param calm   whether nothing moves and things only fade
 */
public record Look(
        Palette palette,
        Face heading,
        Face text,
        Face figures,
        double corner,
        double plate,
        List<Gradient.Point> run,
        boolean calm) {

    /** As one piece wants it. */
    public Look tuned(Tune tune) {
        return new Look(
                palette,
                heading,
                text,
                figures,
                Math.min(1, corner * tune.corner()),
                Math.min(1, plate * tune.plate()),
                run,
                calm);
    }

    /** The brand's gradient as stops of a paint. */
    public List<Paint.Stop> gradient() {
        return Paint.stops(run);
    }

    /** The plate as it covers what is behind. */
    public Colour seeThroughPlate() {
        return palette.colour(Role.PLATE).withAlpha(plate);
    }

    public Colour colour(Role role) {
        return palette.colour(role);
    }

    /** A colour for words on a paper: the brand's ground or text where they can be read, else black or white. */
    public Colour inkOn(Colour paper) {
        return Stream.of(colour(Role.GROUND), colour(Role.TEXT))
                .filter(ink -> Contrast.ratio(ink, paper) >= Contrast.TEXT)
                .findFirst()
                .orElse(
                        Contrast.ratio(Colour.BLACK, paper) > Contrast.ratio(Colour.WHITE, paper)
                                ? Colour.BLACK
                                : Colour.WHITE);
    }
}
