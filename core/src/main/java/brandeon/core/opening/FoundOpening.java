package brandeon.core.opening;

import brandeon.core.canvas.Box;

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
 */
public record FoundOpening(Box box, Box inner, long area, Contour outline, double corner, Aspect aspect, double aspectOff) {

    /** Shapes that are told apart. */
    public enum Contour { RECTANGLE, ROUNDED, CUT_CORNERS, ELLIPSE, HEXAGON, SLANTED, IRREGULAR }
}
