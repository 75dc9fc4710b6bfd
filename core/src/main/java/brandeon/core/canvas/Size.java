package brandeon.core.canvas;

import brandeon.core.problem.Mistake;

/** Width and height in whole pixels. Both are at least 1. */
public record Size(int width, int height) {

    public Size {
        if (width < 1 || height < 1) {
            throw new Mistake(
                    "A size of " + width + " × " + height + " holds no pixel; both sides must be at least 1.");
        }
    }

    public static Size of(int width, int height) {
        return new Size(width, height);
    }

    public int shortSide() {
        return Math.min(width, height);
    }

    public Box box() {
        return new Box(0, 0, width, height);
    }

    @Override
    public String toString() {
        return width + "×" + height;
    }
}
