package brandeon.core.art;

import brandeon.core.canvas.Box;

/** The part of a piece through which a capture shows: its edges in whole canvas pixels, its corner radius and its bleed. */
public record Opening(Box box, double corner, double bleed) {
}
