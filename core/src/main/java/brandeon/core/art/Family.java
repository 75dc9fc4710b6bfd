package brandeon.core.art;

import brandeon.core.art.kind.Kinds;
import brandeon.core.canvas.Box;
import java.util.List;

/**
 * A style: geometry, ornament, lettering and motion that turn a brand into pieces. A family says how its plates,
 * rings, rules and scenery look; what a kind of piece is made of and where its words stand is the same for all
 * ({@link Kinds}), so a new family draws every kind. Drawing the same ask twice gives the same art.
 */
public interface Family {

    /** Lasting name in theme documents. */
    String id();

    /** Name for people. */
    String title();

    /** One sentence for people. */
    String description();

    Lettering lettering();

    Temperament temperament();

    /** The ground of words that fills a box. */
    Plate plate(Easel easel, Box box, Plate.Sort sort);

    /** Width of a frame's border as the family has it, in units. */
    double border();

    /**
     * What surrounds an opening. The capture has square corners, so the ring must hide them; see {@link
     * Ring#roundest}.
     */
    Ring ring(Easel easel, Box opening, double border);

    /** The family's small sign at the start of a piece. */
    Emblem emblem(Easel easel, Box content, Emblem.Size size);

    /** A line that parts or underlines, from the left. */
    List<Mark> rule(Easel easel, double x, double y, double width);

    /** A bar filled to a share, 0 to 1. */
    List<Mark> meter(Easel easel, Box box, double share);

    /** Four marks just outside a box. */
    List<Mark> corners(Easel easel, Box box);

    /** Quiet ground behind openings. */
    PieceArt backdrop(Easel easel, Box box, boolean moving);

    /** The scenery of a full-canvas screen, without words; it leaves the left upper part calm for them. */
    PieceArt screen(Easel easel, Box box, boolean moving);

    /**
     * What covers the whole box between two scenes; each leaf opaque, edges overlapping, since half pixels let light
     * through.
     */
    Curtain curtain(Easel easel, Box box);

    /** Draws a piece. */
    default PieceArt draw(Ask ask, Look look) {
        return Kinds.draw(this, ask, look);
    }
}
