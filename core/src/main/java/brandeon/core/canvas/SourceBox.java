package brandeon.core.canvas;

/** An upright rectangle in the own pixels of a capture or picture, from its top left. */
public record SourceBox(double x, double y, double width, double height) {

    public SourceBox {
        Box.requireBox(x, y, width, height);
    }

    /** All of a capture or picture. */
    public static SourceBox whole(Size size) {
        return new SourceBox(0, 0, size.width(), size.height());
    }

    public double right() {
        return x + width;
    }

    public double bottom() {
        return y + height;
    }

    public double area() {
        return width * height;
    }

    /** The smallest box around this one and another. */
    public SourceBox around(SourceBox other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new SourceBox(
                left, top, Math.max(right(), other.right()) - left, Math.max(bottom(), other.bottom()) - top);
    }

    public boolean within(Size size) {
        return x >= 0 && y >= 0 && right() <= size.width() && bottom() <= size.height();
    }

    /** In a picture so many times as large, with every edge at the nearest whole pixel. */
    public SourceBox scaled(double by) {
        double left = Math.rint(x * by);
        double top = Math.rint(y * by);
        return new SourceBox(left, top, Math.rint(right() * by) - left, Math.rint(bottom() * by) - top);
    }

    /** Where this comes to lie when the whole picture is laid into a box. */
    public Box laidInto(Box place, Size picture) {
        double across = place.width() / picture.width();
        double down = place.height() / picture.height();
        return new Box(place.x() + x * across, place.y() + y * down, width * across, height * down);
    }
}
