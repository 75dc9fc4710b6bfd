package brandeon.core.canvas;

import brandeon.core.problem.Mistake;

/** A place in a box, as shares of its width and height from its top left: 0.5, 0.5 is the middle. */
public record Share(double x, double y) {

    public Share {
        if (!(Math.abs(x) <= 2 && Math.abs(y) <= 2)) {
            throw new Mistake("A corner lies far outside of its opening.");
        }
    }
}
