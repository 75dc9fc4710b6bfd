package brandeon.core.motion;

/**
 * Where a part is at one instant: moved by (x, y) pixels, turned by degrees and scaled about a pivot in canvas pixels,
 * with an opacity.
 */
public record Pose(double x, double y, double turn, double scale, double pivotX, double pivotY, double opacity) {

    public static final Pose REST = new Pose(0, 0, 0, 1, 0, 0, 1);

    static Pose of(Track.Key key) {
        return new Pose(key.x(), key.y(), key.turn(), key.scale(), key.pivotX(), key.pivotY(), key.opacity());
    }

    /**
     * Number by number between two poses, as browsers mix transform lists of one form (CSS Transforms 1, section 12).
     */
    Pose towards(Pose other, double share) {
        return new Pose(
                mix(x, other.x, share),
                mix(y, other.y, share),
                mix(turn, other.turn, share),
                mix(scale, other.scale, share),
                mix(pivotX, other.pivotX, share),
                mix(pivotY, other.pivotY, share),
                Math.clamp(mix(opacity, other.opacity, share), 0, 1));
    }

    private static double mix(double from, double to, double share) {
        return from + (to - from) * share;
    }
}
