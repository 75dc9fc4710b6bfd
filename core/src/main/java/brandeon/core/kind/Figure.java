package brandeon.core.kind;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A number of a piece, with its range and standard value.
 *
 * @param title   for people
 * @param choices when it is a choice, the names of the values from the least on; empty for a measure
 */
public record Figure(String name, String title, double least, double most, double standard, List<String> choices) {

    static final Figure MOVING = choice("moving", "Motion", 1, "still (costs less)", "moving");
    static final Figure SIZE = new Figure("size", "Font size", 0.6, 1.6, 1, List.of());
    static final Figure BORDER = new Figure("border", "Border width", 0.4, 2.5, 1, List.of());
    static final Figure TURN = new Figure("turn", "Gradient angle, degrees", 0, 359, 0, List.of());
    static final Figure ORNAMENT = new Figure("ornament", "Ornament", 0, 2, 1, List.of());
    static final Figure ALIGN = choice("align", "Alignment", 0, "left", "in the middle", "right, mirrored");
    static final Figure TIME = choice("format", "Written", 0, "05:00", "00:05:00");
    static final Figure CORNER = measure("corner", "Corner radius, of the brand's", 0, 3);
    static final Figure DARKNESS = measure("darkness", "Opacity of the plate, of the brand's", 0, 2);
    static final Figure SPACING = measure("spacing", "Row spacing", 0.5, 2);
    static final Figure SEPARATOR = choice("separator", "Between rows", 0, "a line", "dots", "nothing");
    static final Figure GLOW = new Figure("glow", "Glow", 0, 3, 0, List.of());
    static final Figure SHADE = new Figure("shade", "Shadow", 0, 3, 0, List.of());
    static final Figure TARGET = new Figure("target", "Target", 1, 1_000_000_000, 100, List.of());
    static final Figure START = new Figure("start", "Begins at", 0, 1_000_000_000, 0, List.of());
    static final Figure STEP =
            new Figure("step", "Once reached, aims so much higher (0 stays)", 0, 1_000_000_000, 0, List.of());
    static final Figure PAUSE = new Figure("pause", "Minutes until they come again", 0, 30, 0, List.of());
    /** Of everything that has a plate. */
    static final List<Figure> PLATE = List.of(CORNER, DARKNESS, GLOW, SHADE);

    static final List<Figure> WORDS = with(PLATE, SIZE, ALIGN, ORNAMENT);
    static final List<Figure> ROWS = with(PLATE, SIZE, SPACING, SEPARATOR, ALIGN, ORNAMENT);

    public Figure {
        choices = List.copyOf(choices);
    }

    /** A share of what it is by itself. */
    static Figure measure(String name, String title, double least, double most) {
        return new Figure(name, title, least, most, 1, List.of());
    }

    static Figure choice(String name, String title, int standard, String... choices) {
        return new Figure(name, title, 0, choices.length - 1.0, standard, List.of(choices));
    }

    /** Some more before others. */
    static List<Figure> with(List<Figure> others, Figure... first) {
        return Stream.concat(Arrays.stream(first), others.stream()).toList();
    }
}
