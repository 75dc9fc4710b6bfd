package brandeon.core.recolour;

import brandeon.core.colour.Colour;

/**
 * One of a picture's main colours.
 *
 * @param share   of the painted area, 0 to 1; see-through parts do not count
 * @param neutral whether it has too little chroma for its hue to mean anything
 */
public record Cluster(Colour colour, double share, boolean neutral) {

    /** OKLCH chroma below which a colour is seen as white, grey or black (common practice, no source). */
    static final double NEUTRAL_CHROMA = 0.03;

    public Cluster {
        colour = colour.rounded();
    }
}
