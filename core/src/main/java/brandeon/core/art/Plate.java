package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * The ground that words stand on.
 *
 * @param ground  filled shape with its bed and edges
 * @param decor   what a family adds beside or over it; may move on its own
 * @param content where words may stand; the same distance from the sides whatever the width
 * @param ink     of words
 * @param quiet   of words that matter less
 */
public record Plate(List<Mark> ground, List<Mark> decor, Box content, Colour ink, Colour quiet) {

    /**
     * With the ink that its sort needs: labels lie on a colour, everything else on the dark plate.
     *
     * @param label the role that labels are filled with
     */
    public static Plate of(Look look, Sort sort, Role label, List<Mark> ground, List<Mark> decor, Box content) {
        Colour ink = sort == Sort.LABEL ? look.inkOn(look.colour(label)) : look.colour(Role.TEXT);
        return new Plate(ground, decor, content, ink, sort == Sort.LABEL ? ink : look.colour(Role.QUIET_TEXT));
    }

    /** What a plate is for. */
    public enum Sort {
        /** Facts over footage: see-through as the brand says. */
        INFO,
        /** The name on a frame. */
        NAME,
        /** A short word in the accent colour. */
        LABEL,
        /** Along a whole edge of the canvas. */
        BAND,
        /** Solid: something just happened. */
        ALERT
    }

    public Plate {
        ground = List.copyOf(ground);
        decor = List.copyOf(decor);
    }

    /** All of it, to be painted at once. */
    public List<Mark> marks() {
        List<Mark> all = new ArrayList<>(ground);
        all.addAll(decor);
        return all;
    }

    /** The same plate seen in a mirror at the middle of a box. */
    public Plate mirrored(Box box) {
        double axis = box.centreX();
        Box room = new Box(2 * axis - content.right(), content.y(), content.width(), content.height());
        return new Plate(Mirror.across(axis, ground), Mirror.across(axis, decor), room, ink, quiet);
    }
}
