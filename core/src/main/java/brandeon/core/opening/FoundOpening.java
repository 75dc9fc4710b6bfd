package brandeon.core.opening;

import brandeon.core.canvas.Share;
import brandeon.core.canvas.SourceBox;
import java.util.List;

/**
 * An opening found in a picture. Places are pixels of the picture, from its top left; edges lie where half of the
 * picture shows through, so they are right to about half a pixel.
 *
 * @param box       the smallest upright rectangle around it
 * @param inner     the largest upright rectangle inside it
 * @param area      pixels that show through
 * @param outline   which shape it is nearest to
 * @param corner    radius of round corners, or length of cut ones; 0 for others
 * @param aspect    nearest common aspect ratio of the box
 * @param aspectOff how far the box is from that, as a share: 0.01 is one part in a hundred
 * @param edge      corners of its contour as shares of the box, where its shape is no rectangle, rounded or cut or
 *     not, and no ellipse
 * @param soft      over how many pixels its edge fades outwards from where half shows through
 * @param pane      how much the picture covers within it, 0 to 1
 * @param slit      how wide, at most, the gap to the outside is that was taken as closed; 0 for none
 * @param bare      whether the picture leaves something else free within the box, so that captures need a mask
 */
public record FoundOpening(
        SourceBox box,
        SourceBox inner,
        long area,
        Contour outline,
        double corner,
        Aspect aspect,
        double aspectOff,
        List<Share> edge,
        double soft,
        double pane,
        double slit,
        boolean bare) {

    /** Shapes that are told apart. */
    public enum Contour {
        RECTANGLE,
        ROUNDED,
        CUT_CORNERS,
        ELLIPSE,
        HEXAGON,
        DIAMOND,
        SLANTED,
        IRREGULAR
    }

    public FoundOpening {
        edge = List.copyOf(edge);
    }

    FoundOpening scaled(double by) {
        return new FoundOpening(
                box.scaled(by),
                inner.scaled(by),
                Math.round(area * by * by),
                outline,
                corner * by,
                aspect,
                aspectOff,
                edge,
                Math.min(Cut.SOFTEST, soft * by),
                pane,
                slit * by,
                bare);
    }

    /** As captures are laid behind it. */
    public Cut cut() {
        return new Cut(box, outline, corner, edge, soft, bare);
    }
}
