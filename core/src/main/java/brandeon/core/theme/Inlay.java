package brandeon.core.theme;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Box;
import brandeon.core.problem.Mistake;

/**
 * A ready-made picture laid into a piece: over its ground, under its words, kept inside its shape.
 *
 * @param artwork  id of the picture
 * @param strength 0 (not seen) to 1
 */
public record Inlay(String artwork, Blend blend, double strength, Fit fit) {

    /** How the picture's own shape meets the piece's. */
    public enum Fit {
        /** The whole piece is covered; what does not fit is cut off evenly. */
        COVER,
        /** The whole picture shows; the rest of the piece stays free. */
        WHOLE,
        /** Stretched over the piece. */
        STRETCH
    }

    public Inlay {
        if (!(strength >= 0 && strength <= 1)) {
            throw new Mistake("The strength of a picture is " + strength + "; it lies between 0 and 1.");
        }
    }

    /** Where a picture of a size goes in a piece's box; it may reach past it. */
    public Box placed(Box box, int width, int height) {
        if (fit == Fit.STRETCH) {
            return box;
        }
        double scale = fit == Fit.COVER
                ? Math.max(box.width() / width, box.height() / height)
                : Math.min(box.width() / width, box.height() / height);
        return new Box(
                box.centreX() - width * scale / 2, box.centreY() - height * scale / 2, width * scale, height * scale);
    }
}
