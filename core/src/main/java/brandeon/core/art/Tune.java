package brandeon.core.art;

import brandeon.core.canvas.Box;
import java.util.List;

/**
 * What a person sets for one piece; 1 is as the family has it.
 *
 * @param type      size of its letters
 * @param border    width of a frame's border
 * @param ornament  how much ornament: 0 none, 1 as the family has it, 2 twice
 * @param align     where its words stand
 * @param corner    how round its corners are, as a share of the brand's
 * @param plate     how dark its see-through plate is, as a share of the brand's
 * @param turn      degrees by which gradients over the whole of it are turned, clockwise
 * @param spacing   between rows
 * @param separator between rows
 * @param glow      light around it: 0 none, 1 clear
 * @param shadow    under it: 0 none, 1 clear
 */
public record Tune(
        double type,
        double border,
        double ornament,
        Align align,
        double corner,
        double plate,
        double turn,
        double spacing,
        Separator separator,
        double glow,
        double shadow) {

    /** Where words stand within a piece; a piece that is aligned right is mirrored. */
    public enum Align {
        LEFT,
        CENTRE,
        RIGHT
    }

    /** What parts the rows of a list. */
    public enum Separator {
        LINE,
        DOTS,
        NONE
    }

    public static final Tune STANDARD = new Tune(1, 1, 1, Align.LEFT, 1, 1, 0, 1, Separator.LINE, 0, 0);

    /** The same, aligned otherwise. */
    public Tune aligned(Align other) {
        return new Tune(type, border, ornament, other, corner, plate, turn, spacing, separator, glow, shadow);
    }

    /** Marks whose linear gradients run across a box, with these turned about its middle. */
    public List<Mark> turned(List<Mark> marks, Box box) {
        return turn == 0
                ? marks
                : marks.stream()
                        .map(mark -> switch (mark) {
                            case Mark.Filled(Outline outline, Paint.Linear run) ->
                                new Mark.Filled(outline, run.turned(turn, box));
                            case Mark.Stroked(Outline outline, Paint.Linear run, double width) ->
                                new Mark.Stroked(outline, run.turned(turn, box), width);
                            default -> mark;
                        })
                        .toList();
    }
}
