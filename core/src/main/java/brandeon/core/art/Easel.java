package brandeon.core.art;

import brandeon.core.canvas.Canvas;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;

/** What a family has at hand to draw one piece: the canvas, the brand's look, and what was tuned for this piece. */
public record Easel(Canvas canvas, Look look, Tune tune) {

    /** Pixels of a length in units (1080 to the short side of the canvas). */
    public double px(double units) {
        return units * canvas.unit();
    }

    /** The same, but no longer than what room there is: in a small piece a part is a share of it. */
    public double px(double units, double most) {
        return Math.min(px(units), most);
    }

    /** Width of a line in pixels: never thinner than one. */
    public double line(double units) {
        return Math.max(1, px(units));
    }

    /** Size of letters in pixels, as tuned. */
    public double letters(double units) {
        return px(units) * tune.type();
    }

    public Colour colour(Role role) {
        return look.colour(role);
    }
}
