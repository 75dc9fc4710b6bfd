package brandeon.core.art;

/**
 * What a person sets for one piece; 1 is as the family has it.
 *
 * @param type     size of its letters
 * @param border   width of a frame's border
 * @param ornament how much ornament: 0 none, 1 as the family has it, 2 twice
 * @param align    where its words stand
 */
public record Tune(double type, double border, double ornament, Align align) {

    /** Where words stand within a piece; a piece that is aligned right is mirrored. */
    public enum Align { LEFT, CENTRE, RIGHT }

    public static final Tune STANDARD = new Tune(1, 1, 1, Align.LEFT);
}
