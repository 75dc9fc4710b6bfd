package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All that is particular to one kind of piece. One class each, listed in {@link PieceKind}. */
public abstract class Kind {

    /** What people look for a kind under. */
    public enum Group {
        FRAMES,
        SCREENS,
        WIDGETS,
        ORNAMENTS,
        FILES
    }

    /** How soon a piece is left out where a canvas has too little room, the last first. */
    public enum Rank {
        NEEDED,
        FACT,
        MORE,
        EXTRA,
        ORNAMENT
    }

    /** What a ready-made picture is to a piece. */
    public enum Laid {
        /** It takes none. */
        NONE,
        /** Laid over its ground and under its words. */
        INTO,
        /** All there is of it. */
        ALONE,
        /** All there is of it, with openings for captures. */
        FRAME,
        /** What each particle shows. */
        EACH
    }

    private final String title;
    private final Group group;
    private final Zone zone;
    private final List<Field> fields;
    private final List<Figure> figures;
    private final Map<String, Field> fieldsByName;
    private final Map<String, Figure> figuresByName;

    /** @param zone where such a piece goes when nobody says otherwise */
    protected Kind(String title, Group group, Zone zone, List<Field> fields, List<Figure> figures) {
        this.title = title;
        this.group = group;
        this.zone = zone;
        this.fields = List.copyOf(fields);
        this.figures = List.copyOf(figures);
        fieldsByName = fields.stream().collect(Collectors.toUnmodifiableMap(Field::name, Function.identity()));
        figuresByName = figures.stream().collect(Collectors.toUnmodifiableMap(Figure::name, Function.identity()));
    }

    /** What a family is asked to draw; empty while there is nothing to see. */
    public abstract Optional<Ask> ask(Showing showing);

    /**
     * Words that show what it is for, from the demo; never the starting words of a piece.
     *
     * @param theme name of the theme that it is shown in
     */
    public Map<String, Content> sample(String theme) {
        return Map.of();
    }

    /** Whether it is scenery for the whole canvas, which others stand before on purpose. */
    public boolean ground() {
        return false;
    }

    /** Whether only small parts of its box are painted, so that being over something is no fault. */
    public boolean sparse() {
        return false;
    }

    /** Whether it lies over a picture on purpose, so that covering an opening is no fault. */
    public boolean liesOver() {
        return false;
    }

    /** What takes turns in it, where something does. */
    public Optional<Ask.Rotator> turns(Showing showing) {
        return Optional.empty();
    }

    /** Whether it shows alerts, and nothing while there is none. */
    public boolean announces() {
        return false;
    }

    /** Whether it tells of advertising, and nothing while there is none. */
    public boolean notices() {
        return false;
    }

    /** Whether it stands over everything while a break is on, whatever scene it is. */
    public boolean breaks() {
        return false;
    }

    /** Whether it is a clip between scenes, which begins when it is played. */
    public boolean clip() {
        return false;
    }

    /** Which way the clock runs that an operator starts and stops; empty where there is none. */
    public Optional<ClockFace.Mode> counts() {
        return Optional.empty();
    }

    /**
     * The field with its further cards, rows of two texts that take the place of its first two words; empty where it
     * has no cards.
     */
    public Optional<String> cards() {
        return Optional.empty();
    }

    /** The field to which lines may be added during a show: words that run through, or entries that take turns. */
    public Optional<String> added() {
        return Optional.empty();
    }

    /** The field with what viewers asked for, in rows of who and what; empty where it shows none. */
    public Optional<String> requested() {
        return Optional.empty();
    }

    /** The field with what is heard; empty where it does not say that. */
    public Optional<String> heard() {
        return Optional.empty();
    }

    public Laid laid() {
        return Laid.INTO;
    }

    public Rank rank() {
        return Rank.NEEDED;
    }

    /** The field with a line for each of several pictures that it is taken out as; empty for one picture. */
    public Optional<String> pictures() {
        return Optional.empty();
    }

    /** Whether it has the same size in pixels on any canvas, said by its figures {@code width} and {@code height}. */
    public boolean ownSize() {
        return false;
    }

    /** Two fields that belong to the two sides of something. */
    public record Sides(String left, String right) {}

    /** Figures of two sides, and the fields with the rounds that each has won. */
    public record Rounds(Sides figures, Sides won) {}

    /** Where its two sides win rounds. */
    public Optional<Rounds> rounds() {
        return Optional.empty();
    }

    /** What its two sides have, where it has two. */
    public List<Sides> sides() {
        return List.of();
    }

    /** Whether two pieces of it may show the same: a number, points, cards or a clock. */
    public final boolean shares() {
        return counts().isPresent()
                || cards().isPresent()
                || fields.stream()
                        .anyMatch(field -> field.type() == ContentType.COUNT || field.type() == ContentType.POINTS);
    }

    public final String title() {
        return title;
    }

    public final Group group() {
        return group;
    }

    public final Zone zone() {
        return zone;
    }

    public final List<Field> fields() {
        return fields;
    }

    public final List<Figure> figures() {
        return figures;
    }

    public final Optional<Field> field(String name) {
        return Optional.ofNullable(fieldsByName.get(name));
    }

    public final Optional<Figure> figure(String name) {
        return Optional.ofNullable(figuresByName.get(name));
    }

    /** Whether it stands on no scene and is only taken out as files. */
    public final boolean apart() {
        return group == Group.FILES;
    }
}
