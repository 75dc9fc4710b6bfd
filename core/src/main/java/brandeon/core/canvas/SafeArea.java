package brandeon.core.canvas;

/**
 * The parts of a picture that every viewer sees. EBU R 95 and SMPTE ST 2046-1 agree: action within 93 % of width
 * and height, graphics and titles within 90 %. Upright canvases have no standard; the same shares are used.
 */
public enum SafeArea {
    /** 3.5 % free on each side. */
    ACTION(0.035),
    /** 5 % free on each side. */
    GRAPHICS(0.05);

    private final double margin;

    SafeArea(double margin) {
        this.margin = margin;
    }

    public Box within(Size canvas) {
        double x = canvas.width() * margin;
        double y = canvas.height() * margin;
        return new Box(x, y, canvas.width() - 2 * x, canvas.height() - 2 * y);
    }
}
