package brandeon.core.canvas;

/**
 * One of nine points of a box; a piece that is anchored keeps its distance between its own such point and the
 * canvas's.
 */
public enum Anchor {
    TOP_LEFT(0, 0),
    TOP(0.5, 0),
    TOP_RIGHT(1, 0),
    LEFT(0, 0.5),
    CENTRE(0.5, 0.5),
    RIGHT(1, 0.5),
    BOTTOM_LEFT(0, 1),
    BOTTOM(0.5, 1),
    BOTTOM_RIGHT(1, 1);

    private final double acrossShare;
    private final double downShare;

    Anchor(double acrossShare, double downShare) {
        this.acrossShare = acrossShare;
        this.downShare = downShare;
    }

    /** The box of a size whose point lies at an offset from the same point of a frame. */
    public Box box(Box frame, double x, double y, double width, double height) {
        return new Box(
                frame.x() + (frame.width() - width) * acrossShare + x,
                frame.y() + (frame.height() - height) * downShare + y,
                width,
                height);
    }

    /** Where the point lies in a box. */
    public double x(Box box) {
        return box.x() + box.width() * acrossShare;
    }

    public double y(Box box) {
        return box.y() + box.height() * downShare;
    }

    /** How far to the right of the frame's point the box's own lies. */
    public double offsetX(Box frame, Box box) {
        return x(box) - x(frame);
    }

    /** How far below the frame's point the box's own lies. */
    public double offsetY(Box frame, Box box) {
        return y(box) - y(frame);
    }

    /** The point to which a box lies nearest: by the thirds of the frame in which its middle lies. */
    public static Anchor nearest(Box frame, Box box) {
        return values()[
                third((box.centreY() - frame.y()) / frame.height()) * 3
                        + third((box.centreX() - frame.x()) / frame.width())];
    }

    private static int third(double share) {
        return share < 1.0 / 3 ? 0 : share > 2.0 / 3 ? 2 : 1;
    }
}
