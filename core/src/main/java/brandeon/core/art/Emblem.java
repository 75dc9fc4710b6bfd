package brandeon.core.art;

import java.util.List;

/**
 * A family's small sign.
 *
 * @param width that it takes from the content, with the space after it, in pixels; 0 for none
 */
public record Emblem(List<Mark> marks, double width) {

    /** Beside a fact, or as the picture of an alert. */
    public enum Size {
        SMALL,
        LARGE
    }

    public static final Emblem NONE = new Emblem(List.of(), 0);

    public Emblem {
        marks = List.copyOf(marks);
    }
}
