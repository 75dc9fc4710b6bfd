package brandeon.core.opening;

import brandeon.core.canvas.Share;
import brandeon.core.canvas.SourceBox;
import brandeon.core.problem.Mistake;
import java.util.List;

/**
 * An opening of a picture as captures are laid behind it. Places are pixels of the picture, from its top left.
 *
 * @param corner radius of round corners, or length of cut ones; 0 for others
 * @param edge   corners of an outline that is none of the regular ones, as shares of the box; else empty
 * @param soft   over how many pixels its edge fades outwards from where half shows through
 * @param bare   whether the picture leaves something free around it within its box, so that captures need a mask
 */
public record Cut(
        SourceBox box, FoundOpening.Contour outline, double corner, List<Share> edge, double soft, boolean bare) {

    /** An opening has at most this many corners. */
    public static final int MOST_CORNERS = 240;
    /** A picture has at most this many openings drawn by hand. */
    public static final int MOST = 20;
    /** A wider soft edge is a shade over the capture, no edge. */
    public static final double SOFTEST = 64;

    public Cut {
        edge = List.copyOf(edge);
        if (!(box.width() >= 1
                && box.height() >= 1
                && box.width() <= 8192
                && box.height() <= 8192
                && Math.abs(box.x()) <= 8192
                && Math.abs(box.y()) <= 8192)) {
            throw new Mistake("An opening is at least one pixel wide and high, and lies in its picture.");
        }
        if (!(corner >= 0 && corner <= 4096)) {
            throw new Mistake("The corners of an opening are between 0 and 4096 pixels.");
        }
        if (!(soft >= 0 && soft <= SOFTEST)) {
            throw new Mistake("A soft edge is between 0 and " + (int) SOFTEST + " pixels wide.");
        }
        if (edge.size() > MOST_CORNERS || (!edge.isEmpty() && edge.size() < 3)) {
            throw new Mistake("An outline has between 3 and " + MOST_CORNERS + " corners.");
        }
    }
}
