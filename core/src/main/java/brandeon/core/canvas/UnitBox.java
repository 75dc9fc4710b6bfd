package brandeon.core.canvas;

/** An upright rectangle in units (1080 to the short side of a canvas) from the canvas's top left. */
public record UnitBox(double x, double y, double width, double height) {

    public UnitBox {
        Box.requireBox(x, y, width, height);
    }
}
